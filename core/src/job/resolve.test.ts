import { describe, expect, it } from 'vitest';
import type { VoltReading } from '../isolation';
import { resolutionsOf, type Command, type JobEvent } from './index';

const meter = (
	volts: number,
	mode: 'highImpedance' | 'lowImpedance' | 'lampAcross' = 'highImpedance'
): VoltReading => ({
	instrument: 'multimeter',
	volts,
	mode
});
const read = (reading: VoltReading, pair = 'upper.hotGround'): Command => ({
	kind: 'readPair',
	pair,
	reading
});
const off = (breaker: string): Command => ({ kind: 'switchBreaker', breaker, on: false });
const events = (...bodies: Command[]): JobEvent[] =>
	bodies.map((body, k) => ({ id: `e${k}`, at: '2026-11-25T10:00:00Z', body }));

describe('a reading between dead and live', () => {
	it.each(['lowImpedance', 'lampAcross'] as const)('drained by %s: induced', (mode) => {
		expect(resolutionsOf(events(read(meter(23)), read(meter(0.2, mode))))).toEqual([
			{ pair: 'upper.hotGround', endedAs: 'induced' }
		]);
	});

	it('still there under load, and gone when another breaker is off too: back-fed by that one', () => {
		const story = events(
			read(meter(23)),
			read(meter(22, 'lampAcross')),
			off('b9'),
			read(meter(21)),
			off('b10'),
			read(meter(0.1))
		);
		expect(resolutionsOf(story)).toEqual([{ pair: 'upper.hotGround', endedAs: 'backFed', by: 'b10' }]);
	});

	it('still there and nothing found: treat as live', () => {
		expect(resolutionsOf(events(read(meter(23)), read(meter(22, 'lowImpedance'))))).toEqual([
			{ pair: 'upper.hotGround', endedAs: 'treatAsLive' }
		]);
	});

	it('an indicator’s 12 and 24 V marks begin it too; each pair has its own end; plain readings have none', () => {
		const story = events(
			read({ instrument: 'indicator', litV: 12 }, 'a'),
			read(meter(0.1, 'lowImpedance'), 'a'),
			read(meter(0.1), 'b'),
			read(meter(120), 'c')
		);
		expect(resolutionsOf(story)).toEqual([{ pair: 'a', endedAs: 'induced' }]);
	});
});
