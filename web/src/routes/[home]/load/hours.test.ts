import { drawn } from '../../../../../core/test/draws';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { clocksOf, stretchesIn } from './hours';

it('hours shown on clocks are read back as they were', () => {
	const minute = fc.integer({ min: 0, max: 1439 });
	const hours = fc.array(
		fc.record({ fromMin: minute, toMin: minute }).filter(({ fromMin, toMin }) => fromMin !== toMin),
		{ minLength: 1, maxLength: 6 }
	);
	fc.assert(
		fc.property(
			hours,
			(some) => void expect(stretchesIn(clocksOf(some))).toEqual({ code: 'read', hours: some })
		),
		drawn(4)
	);
	expect(stretchesIn(clocksOf(null))).toEqual({ code: 'read', hours: null });
});

it('an empty pair is none; half a pair waits; one that ends as it begins is told', () => {
	const seven = { from: '07:00', to: '07:30' };
	expect(stretchesIn([seven, { from: '', to: '' }])).toEqual({
		code: 'read',
		hours: [{ fromMin: 420, toMin: 450 }]
	});
	expect(stretchesIn([seven, { from: '18:00', to: '' }])).toEqual({ code: 'half' });
	expect(stretchesIn([seven, { from: '18:00', to: '18:00' }])).toEqual({ code: 'sameMinute' });
	expect(stretchesIn([{ from: '25:00', to: '07:00' }])).toEqual({ code: 'half' });
});
