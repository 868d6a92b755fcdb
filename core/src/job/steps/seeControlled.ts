import { z } from 'zod';
import { accept } from '../decision';
import { afterPower, untouched } from '../progress';
import { saying } from './said';
import type { StepModule } from './module';

/**
 * What a device without a face of contacts switches, looked at with its switch on: lit while power is on, dark with the breakers off, and at the end whether it goes on and off
 * as it did. It stands for the readings that no face lets one take, and proves nothing: every conductor behind it is read to a known earth all the same.
 */
export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('seeControlled'),
		when: z.enum(['on', 'off', 'after']),
		lit: z.boolean()
	})
);
export type Asks = { readonly kind: 'seeControlled'; readonly when: 'on' | 'off' | 'after' };

export const step: StepModule<'seeControlled', Asks> = {
	kind: 'seeControlled',
	concerns: 'box',
	record: ({ when }) => (when === 'on' ? 'live' : when === 'off' ? 'isolation' : 'tests'),
	at: ({ device }, { when }) =>
		when === 'off' ? 'work' : when === 'after' || device === 'newSeated' ? 'test' : 'liveFirst',
	by: 'when',
	due: ({ controls, newWork }, { isolation, controlled, redo, device }) => {
		// Where nothing is fitted yet something else on the breaker is looked at, if there is anything.
		if (controls === null || (newWork && controls.length === 0)) return null;
		if (isolation.power === 'off')
			return controlled.lit === true && controlled.dark === null
				? { kind: 'seeControlled', when: 'off' }
				: null;
		if (isolation.power === 'restored' && device !== 'oldSeated' && redo === null)
			return controlled.was && controlled.works === null ? { kind: 'seeControlled', when: 'after' } : null;
		return controlled.lit === null ? { kind: 'seeControlled', when: 'on' } : null;
	},
	alive: ({ lit }) => lit,
	// A bulb changed, a second switch found: it may be looked at again as long as nothing was switched off.
	beside: ({ plan }, state, said) =>
		plan.controls !== null && said.when === 'on' && untouched(state) && state.controlled.lit !== null
			? accept(said)
			: null,
	judge: (_context, _state, said) =>
		said.when === 'on'
			? accept(said)
			: accept(said, { passes: said.when === 'off' ? !said.lit : said.lit, expected: null }),
	applied: ({ plan, state, said, passed }) => {
		const { controlled, isolation } = state;
		switch (said.when) {
			case 'on':
				return {
					...state,
					controlled: { ...controlled, lit: said.lit, was: untouched(state) ? said.lit : controlled.was }
				};
			case 'off': {
				const seen = { ...state, controlled: { ...controlled, dark: !said.lit } };
				// All of it off, and still lit: something else than the service feeds it.
				return said.lit && isolation.off.includes(plan.mainSwitch)
					? { ...seen, stops: { ...state.stops, found: 'otherSource' } }
					: seen;
			}
			case 'after':
				return afterPower(
					{ ...state, controlled: { ...controlled, works: passed ? 'passed' : 'failed' } },
					passed,
					'finalTest',
					'controlled'
				);
		}
	}
};

/** Whether nothing was seen that stands for a reading at its face: then only all of it off is off. */
export const nothingSeen = (
	{ controls }: { readonly controls: readonly string[] | null },
	{ controlled }: { readonly controlled: { readonly lit: boolean | null; readonly dark: boolean | null } }
): boolean => controls !== null && (controlled.lit !== true || controlled.dark === false);
