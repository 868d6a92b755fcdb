import type { BenchEvent } from '../bench';
import type { End } from './value';
import type { Move } from './moves';

/** A move as what is done at the bench: each is refused there as any hand would be. */
export function benchEvents(move: Move): BenchEvent[] {
	const land = (end: End, at: string, how?: BenchHow): BenchEvent =>
		end.kind === 'cable'
			? { kind: 'land', cable: end.cable, conductor: end.conductor, at, ...(how ? { how } : {}) }
			: { kind: 'landTail', tail: end.tail, end: end.end, at, ...(how ? { how } : {}) };
	switch (move.kind) {
		case 'free':
			return move.ends.map((end) => land(end, 'bare'));
		case 'undo':
			return [...move.ends.map((end) => land(end, 'bare')), { kind: 'removeJoint', joint: move.joint }];
		case 'dropTail':
			return [{ kind: 'removeTail', tail: move.tail }];
		case 'fit':
			return [{ kind: 'takeOut' }, { kind: 'fit', device: move.device }];
		case 'breakTab':
			return [{ kind: 'breakTab', which: move.which }];
		case 'makeTail': {
			const { tail, role, colour } = move;
			return [{ kind: 'makeTail', tail, role, colour, from: 'bare', to: 'bare' }];
		}
		case 'join':
			return [
				{ kind: 'makeJoint', joint: move.joint, how: move.how },
				...move.ends.map((end) => land(end, `joint:${move.joint}`))
			];
		case 'bond':
			return [land(move.end, 'box')];
		case 'cap':
			return move.ends.map((end) => land(end, 'capped'));
		case 'land':
			return move.ends.map((end) => land(end, `terminal:${move.terminal}`, move.how));
		case 'tape':
		case 'driveIn':
			return [];
	}
}
type BenchHow = Extract<BenchEvent, { kind: 'land' }>['how'];
