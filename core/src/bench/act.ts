import { deviceModel, findBox, settle, type House, type Settled } from '../house';
import { aroundIt } from './aroundIt';
import { benchAt, type AtBench, type Doing } from './at';
import { atConductors } from './conductors';
import { atDevice } from './atDevice';
import { pressTest, pressTester } from './device';
import type { BenchEvent } from './events';
import { inTheBox } from './inTheBox';
import { unknown, type BenchRefusal, type Changed } from './refusal';

export type Acted =
	{ readonly ok: true; readonly settled: Settled } | { readonly ok: false; readonly refusal: BenchRefusal };

/** Does one thing at the bench, and lets open what then opens. The house is never changed in place. */
export function act(house: House, boxId: string, event: BenchEvent): Acted {
	if (event.kind === 'pressTest') return pressTest(house, boxId);
	if (event.kind === 'pressTester') {
		const device = findBox(house, boxId)!.device;
		return device && deviceModel(device).halves.includes(event.half)
			? { ok: true, settled: pressTester(house, boxId, event.half) }
			: unknown('half', event.half);
	}
	// Each kind stands at its own way of being done; the compiler can't follow one through the table.
	const made = (doings[event.kind] as (at: AtBench, event: Change) => Changed)(benchAt(house, boxId), event);
	return made.ok ? { ok: true, settled: settle(made.house) } : made;
}

type Change = Exclude<BenchEvent, { kind: 'pressTest' | 'pressTester' }>;

/** How each thing is done; a kind that isn't here doesn't compile. */
const doings: Doing<Change['kind']> = { ...atConductors, ...inTheBox, ...atDevice, ...aroundIt };
