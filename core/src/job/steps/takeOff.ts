import { z } from 'zod';
import { freedFromDevice } from '../freed';
import { name, saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() => z.strictObject({ kind: z.literal('takeOff'), terminal: name }));
export type Asks = { readonly kind: 'takeOff'; readonly terminal: string };

export const step: StepModule<'takeOff', Asks> = {
	kind: 'takeOff',
	concerns: 'box',
	record: 'work',
	at: 'work',
	touches: true,
	by: 'terminal',
	due: ({ takeOff }, { wires }) => {
		const landing = takeOff.find(({ terminal }) => wires[terminal] === 'onOld');
		return landing ? { kind: 'takeOff', terminal: landing.terminal } : null;
	},
	isolates: ({ plan, state, said }) => ({
		kind: 'freed',
		pairs: freedFromDevice(plan, state, said.terminal)
	}),
	applied: ({ state, said }) => {
		const wires = { ...state.wires, [said.terminal]: 'off' as const };
		const all = Object.values(wires).every((wire) => wire !== 'onOld');
		return { ...state, wires, device: all ? 'none' : state.device };
	}
};
