import { z } from 'zod';
import { accept, refuse } from '../decision';
import type { JobState } from '../state';
import { name, saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({ kind: z.literal('switchBreaker'), breaker: name, on: z.boolean() })
);
/** `also`: a breaker that has to be off as well; `null`: the one that feeds it, whichever that is. */
export type Asks = { readonly kind: 'switchOff'; readonly also: string | null };

export const step: StepModule<'switchBreaker', Asks> = {
	kind: 'switchBreaker',
	concerns: 'job',
	record: 'isolation',
	at: 'panelOff',
	fits: ({ also }, { on, breaker }) => !on && (also === null || also === breaker),
	beside: ({ plan }, state, said) => {
		const { isolation } = state;
		if (!plan.breakers.includes(said.breaker))
			return refuse({ code: 'unknownBreaker', breaker: said.breaker });
		// Off is always allowed: a further breaker beside the first, or all of it again when something seems wrong after all.
		if (!said.on) return isolation.power === 'off' || isolation.power === 'restored' ? accept(said) : null;
		if (!isolation.off.includes(said.breaker))
			return refuse({ code: 'notSwitchedOff', breaker: said.breaker });
		return state.device === 'oldSeated' ? accept(said) : refuse({ code: 'boxOpen' });
	},
	alive: ({ on }) => on,
	isolates: ({ said }) => said,
	applied: ({ before, state, said }) => {
		// Tag and telling belong to the breaker they were done for.
		const { witness } = state;
		const untagged = {
			...state,
			tagged: false,
			witness: witness && { ...witness, dark: false },
			controlled: { ...state.controlled, dark: null }
		};
		if (said.on) return untagged;
		// One that goes off after these conductors were dead isn’t what feeds them.
		if (before.provenWith.length > 0 && before.isolation.power !== 'restored') return untagged;
		if (before.isolation.power !== 'restored' || state.device === 'oldSeated')
			return { ...untagged, feeder: said.breaker };
		return state.device === 'none' ? untagged : offAgain({ ...untagged, feeder: said.breaker });
	}
};

/** Switched off after power was back: whatever was tested is to be tested again. */
export const offAgain = (state: JobState): JobState => ({
	...state,
	redo: state.redo ?? 'ownChoice',
	final: {},
	checks: {},
	neighbours: {},
	loaded: null,
	grip: {},
	nothingLeft: false,
	directory: null
});
