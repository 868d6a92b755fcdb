import { here } from '../src/arrangements';
import type { BenchEvent } from '../src/bench';
import { deviceModel, findBox, type House } from '../src/house';
import { mistakesOf } from '../src/mistakes';
import { seeded } from './searchPanels';

/** Anything somebody might try at a bench, drawn by a seed: much of it can't be done. */
export function benchMoves(seed: number): (house: House) => BenchEvent {
	const random = seeded(seed);
	const pick = <Item>(items: readonly Item[]): Item => items[Math.floor(random() * items.length)]!;
	return (house: House): BenchEvent => {
		const box = findBox(house, here)!;
		const end = pick(box.terminations);
		const of = end && { cable: end.cable, conductor: end.conductor };
		const places = [
			'capped',
			'bare',
			'box',
			...box.joints.map(({ id }) => `joint:${id}`),
			...(box.device ? deviceModel(box.device).terminals.map(({ name }) => `terminal:${name}`) : [])
		];
		const half = box.device ? (deviceModel(box.device).halves[0] ?? 'only') : 'only';
		return pick<() => BenchEvent>([
			() => ({ kind: 'land', ...of, at: pick(places) }),
			() => ({ kind: 'land', ...of, at: pick(places) }),
			() => ({
				kind: 'land',
				...of,
				at: pick(places),
				how: pick(['hook', 'pushIn', 'pillar', 'clampPlate'] as const)
			}),
			() => ({ kind: 'strip', ...of, mm: Math.floor(random() * 30) }),
			() => ({ kind: 'touch', ...of, touches: random() < 0.5 }),
			() => ({ kind: 'joint', ...of, state: pick(['good', 'open', 2] as const) }),
			() => ({ kind: 'breakTab', which: pick(['hot', 'neutral'] as const) }),
			() => ({ kind: 'makeJoint', joint: pick(['j1', 'j2']), how: 'lever' }),
			() => ({ kind: 'removeJoint', joint: pick(['j1', 'j2']) }),
			() => ({
				kind: 'makeTail',
				tail: pick(['t1', 't2']),
				role: 'hot',
				colour: 'black',
				from: pick(places),
				to: pick(places)
			}),
			() => ({ kind: 'removeTail', tail: pick(['t1', 't2']) }),
			() => ({ kind: 'breaker', id: pick(['b1', 'b2', 'main:main']), on: random() < 0.7 }),
			() => ({ kind: 'plug', box: here, half, what: 'heater', id: pick(['l1', 'l2']) }),
			() => ({ kind: 'unplug', id: pick(['l1', 'l2']) }),
			() => ({ kind: 'pressTest' }),
			() => ({ kind: 'reset' }),
			() => ({ kind: 'mistake', id: pick(mistakesOf(house, here).map(({ id }) => id)) ?? 'none' })
		])();
	};
}
