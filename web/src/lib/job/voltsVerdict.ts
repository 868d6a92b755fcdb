import { deadBand, liveAboveV, type VoltReading } from '@wary/core/isolation';
import { judgeLive, type Step } from '@wary/core/job';
import { regions, type Region } from '@wary/core/rules';
import { words as w } from '$words/job/steps/volts';
import { groundEarthVerdict, healthyWords } from '$words/steps';
import { terms } from '$words/terms';

export interface VoltsVerdict {
	readonly text: string;
	readonly kind: 'good' | 'open' | 'bad';
}
export type VoltsStep = Extract<Step, { kind: 'readLive' | 'proveTester' | 'readPair' | 'readGroundEarth' }>;

/** Whether a step’s reading should be dead. */
export const wantsDead = ({ kind }: VoltsStep): boolean => kind === 'readPair' || kind === 'readGroundEarth';

/** What a reading means at a step, before it is saved. */
export function voltsVerdict(step: VoltsStep, region: Region, reading: VoltReading): VoltsVerdict {
	if (step.kind === 'readGroundEarth') return groundEarthVerdict(region, deadBand(reading));
	return step.kind === 'readPair'
		? deadVerdict(step.lowImpedance, region, reading)
		: liveVerdict(step.kind, region, reading);
}

function deadVerdict(drained: boolean, region: Region, reading: VoltReading): VoltsVerdict {
	const { panel } = terms[region];
	switch (deadBand(reading)) {
		case 'dead':
			return { text: drained ? w.drainedItWasInducedNothing : w.fitsADeadPair, kind: 'good' };
		case 'unresolved':
			return { text: w.neitherDeadNorPlainlyLive(liveAboveV), kind: 'open' };
		case 'live':
			return {
				text: drained ? w.stillThereWithALoad(panel) : w.liveTouchNothingSomethingStill(panel),
				kind: 'bad'
			};
	}
}

function liveVerdict(kind: 'readLive' | 'proveTester', region: Region, reading: VoltReading): VoltsVerdict {
	const proving = kind === 'proveTester';
	switch (judgeLive(region, reading)) {
		case 'healthy':
			return { text: proving ? w.theTesterShowsWhatIt : w.liveAsItShouldBe, kind: 'good' };
		case 'low':
		case 'high':
			return {
				text: w.liveButOutsideNotedAs(healthyWords(region), regions[region].supply.healthyV.source),
				kind: 'open'
			};
		case 'notLive':
			return { text: proving ? w.itDidNotShowA : w.notLiveIfThatIs, kind: 'bad' };
	}
}
