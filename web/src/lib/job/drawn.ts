import type { JobState, Step } from '@wary/core/job';

export type DrawnAs = 'panel' | 'box' | 'device';

/** What stands beside a step as a drawing: the panel it is done at, the open box, or the device by itself. */
export function drawnAs(step: Step | null, state: JobState): DrawnAs {
	const atPanel =
		step?.kind === 'restorePower' ||
		step?.kind === 'hold' ||
		step?.kind === 'tidyDirectory' ||
		(step?.kind === 'confirm' && (step.step === 'tag' || step.step === 'tell'));
	if (atPanel) return 'panel';
	return !state.isolation.closed ? 'box' : 'device';
}
