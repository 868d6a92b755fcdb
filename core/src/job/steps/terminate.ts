import { z } from 'zod';
import { deviceModel } from '../../house';
import { how } from '../../house/schema';
import { accept, refuse } from '../decision';
import { terminalsFor, waysFor } from '../fitting';
import { name, saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({ kind: z.literal('terminate'), from: name, terminal: name, way: how })
);
export type Asks = { readonly kind: 'terminate'; readonly terminal: string };

export const step: StepModule<'terminate', Asks> = {
	kind: 'terminate',
	concerns: 'box',
	record: 'work',
	at: 'work',
	touches: true,
	fits: ({ terminal }, { from }) => terminal === from,
	due: ({ putOn }, { wires }) => {
		const next = putOn.find(({ terminal }) => wires[terminal] === 'ready');
		return next ? { kind: 'terminate', terminal: next.terminal } : null;
	},
	judge: ({ plan }, state, said) => {
		const landing = plan.putOn.find(({ terminal }) => terminal === said.from)!;
		if (!terminalsFor(plan, state, landing.terminal).includes(said.terminal))
			return refuse({ code: 'wrongTerminal', given: said.terminal, expected: landing.terminal });
		const target = deviceModel(plan.newDevice).terminals.find(({ name }) => name === said.terminal)!;
		if (said.way === 'pushIn') return refuse({ code: 'pushInNever' });
		const takes = target.takes[said.way as keyof typeof target.takes] ?? 0;
		if (takes < landing.wires.length)
			return refuse({
				code: 'wayNotPossible',
				terminal: landing.terminal,
				wires: landing.wires.length,
				ways: waysFor(plan, landing.terminal)
			});
		return accept(said);
	},
	applied: ({ state, said }) => ({
		...state,
		device: 'newOut',
		wires: { ...state.wires, [said.from]: 'onNew' },
		landed: { ...state.landed, [said.from]: said.terminal }
	})
};
