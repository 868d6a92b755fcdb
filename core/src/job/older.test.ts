import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { leftAsTold } from '.';

const off = (breaker: string) => ({ kind: 'switchBreaker', breaker, on: false });
const on = (breaker: string) => ({ kind: 'switchBreaker', breaker, on: true });

describe('how a job of another procedure stands, by what was entered', () => {
	it('what was switched off last, how it is held, and whether it was opened', () => {
		expect(leftAsTold([])).toEqual({ off: [], hold: null, tagged: false, opened: false, unread: 0 });
		const shut = [
			off('b11'),
			on('b11'),
			off('b14'),
			{ kind: 'hold', way: 'padlock' },
			{ kind: 'confirm', step: 'tag' }
		];
		expect(leftAsTold(shut)).toEqual({
			off: ['b14'],
			hold: 'padlock',
			tagged: true,
			opened: false,
			unread: 0
		});
		for (const opening of [
			{ kind: 'confirm', step: 'plateOff' },
			{ kind: 'confirm', step: 'easeOut' },
			{ kind: 'confirm', step: 'easeForward' },
			{ kind: 'takeOff', terminal: 'hotUpper' }
		])
			expect(leftAsTold([...shut, opening]).opened).toBe(true);
	});

	it('power on again leaves nothing off, and a box that was opened stays open: only its own rules could say that it was shut', () => {
		const left = leftAsTold([
			off('b14'),
			{ kind: 'hold', way: 'tape' },
			{ kind: 'confirm', step: 'easeOut' },
			{ kind: 'confirm', step: 'seat' },
			{ kind: 'restorePower', held: true }
		]);
		expect(left).toEqual({ off: [], hold: null, tagged: false, opened: true, unread: 0 });
	});

	it('whatever was stored it is read, and what nobody can read counts as opened', () => {
		fc.assert(
			fc.property(
				fc.array(fc.oneof(fc.anything(), fc.record({ kind: fc.string(), step: fc.anything() }))),
				(bodies) => {
					const left = leftAsTold(bodies, (body) => (body as { kind?: unknown }).kind === 'note');
					expect(left.unread).toBe(
						bodies.filter((body) => (body as { kind?: unknown } | null | undefined)?.kind !== 'note').length
					);
					expect(left.opened).toBe(left.unread > 0);
				}
			),
			drawn(26)
		);
	});
});
