import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sizesIn } from '../rules';
import { connectorFor, connectorSchema, judgeConnector, readChart, type Connector } from '.';

const made = (name: string, text: string, how: Connector['how'] = 'lever'): Connector =>
	connectorSchema.parse({
		id: '4b4f2a58-5d0c-4f0e-9a44-6f2f1a9b7c01',
		name,
		how,
		stripMm: 11,
		chart: readChart(text, 'us').rows
	});

describe('a connector by its own chart', () => {
	// As three packets might say it.
	const three = made('three places', '14 AWG 2-3\n12 AWG 2-3');
	const five = made('five places', '14: 2 to 5\n12: 2 to 5\n10: 2 to 4');
	const twist = made('a twist-on', '14 2-4\n12 2-3\n10 2', 'twistOn');

	it('holds what it lists, and nothing else', () => {
		const joint = (wires: number, size: '10AWG' | '12AWG' | '14AWG', how = 'lever') => ({ how, wires, size });
		expect(judgeConnector(three, joint(3, '12AWG'))).toEqual({ fits: true, left: 0 });
		expect(judgeConnector(three, joint(4, '12AWG'))).toEqual({ fits: false, because: 'tooMany' });
		expect(judgeConnector(three, joint(2, '10AWG'))).toEqual({ fits: false, because: 'sizeNotListed' });
		expect(judgeConnector(three, joint(1, '14AWG'))).toEqual({ fits: false, because: 'tooFew' });
		expect(judgeConnector(three, joint(2, '14AWG', 'twistOn'))).toEqual({
			fits: false,
			because: 'otherKind'
		});
		expect(judgeConnector(twist, joint(2, '10AWG', 'twistOn'))).toEqual({ fits: true, left: 0 });
	});

	it('of one’s own, the one that leaves least over; none, where none is listed', () => {
		const own = [five, three, twist];
		expect(connectorFor(own, { how: 'lever', wires: 3, size: '14AWG' })).toBe(three);
		expect(connectorFor(own, { how: 'lever', wires: 4, size: '14AWG' })).toBe(five);
		expect(connectorFor(own, { how: 'lever', wires: 6, size: '14AWG' })).toBeNull();
		expect(connectorFor([], { how: 'lever', wires: 2, size: '14AWG' })).toBeNull();
	});

	it('is read line by line as it is printed', () => {
		expect(readChart('14 AWG 2-5\n\n #12: 2 to 3\n10 × 2', 'us')).toEqual({
			rows: [
				{ size: '14AWG', least: 2, most: 5 },
				{ size: '12AWG', least: 2, most: 3 },
				{ size: '10AWG', least: 2, most: 2 }
			],
			problems: []
		});
		expect(readChart('2.5 mm² 2–4\n1,5: 3\n4 mm2 2', 'uk').rows).toEqual([
			{ size: '2.5mm2', least: 2, most: 4 },
			{ size: '1.5mm2', least: 3, most: 3 },
			{ size: '4.0mm2', least: 2, most: 2 }
		]);
	});

	it.each([
		['eleven 2-3', 'noSize'],
		['13 AWG 2', 'noSize'],
		['2.5 mm² 2', 'noSize'],
		['14 AWG', 'noCount'],
		['14 AWG 0-3', 'noCount'],
		['14 AWG 2-40', 'noCount'],
		['14 AWG two', 'noCount'],
		['14 AWG 5-2', 'turnedRound']
	])('%s is refused in its line', (text, code) => {
		expect(readChart(`12 2-3\n${text}`, 'us')).toEqual({
			rows: [{ size: '12AWG', least: 2, most: 3 }],
			problems: [{ line: 2, text, code }]
		});
	});

	it('names a size once', () => {
		expect(readChart('14 2-3\n14 AWG 4', 'us').problems).toEqual([
			{ line: 2, text: '14 AWG 4', code: 'twice' }
		]);
	});

	it('comes back from how it is written, whatever it lists', () => {
		const rows = fc
			.uniqueArray(
				fc.record({
					size: fc.constantFrom(...sizesIn('us')),
					least: fc.integer({ min: 1, max: 10 }),
					more: fc.integer({ min: 0, max: 10 })
				}),
				{ selector: ({ size }) => size }
			)
			.map((all) => all.map(({ size, least, more }) => ({ size, least, most: least + more })));
		fc.assert(
			fc.property(rows, (chart) => {
				const text = chart.map(({ size, least, most }) => `${parseFloat(size)} ${least}-${most}`).join('\n');
				expect(readChart(text, 'us')).toEqual({ rows: chart, problems: [] });
			}),
			drawn(20261127)
		);
	});
});
