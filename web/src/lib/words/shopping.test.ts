import { describe, expect, it } from 'vitest';
import { partIds } from '@wary/core/devices';
import { soldIn } from '@wary/core/devices';
import { needId, type Need } from '@wary/core/shopping';
import { costWords } from '$words/log';
import { neededWords, needWords } from '$words/needs';
import { moneyWord } from '$words/money';
import { keptFailureWords } from '$words/planFailures';

describe('a shopping list in words', () => {
	it('money as it is written there', () => {
		expect([moneyWord(123_456, 'us'), moneyWord(5, 'uk')]).toEqual(['$1,234.56', '£0.05']);
		expect(costWords({ kind: 'cost', parts: 1240, minutes: 100, callOut: 16_000 }, 'uk')).toBe(
			'parts £12.40; 1.67 h of own time; a call-out would have been £160.00'
		);
	});

	it('every part, plate and tail by a name that tells it from any other', () => {
		for (const region of ['us', 'uk'] as const) {
			const sold = soldIn(region).map(({ id }) => id);
			const needs: Need[] = [
				...partIds
					.filter((id) => sold.includes(id))
					.flatMap((part) =>
						[13, 15, 20].flatMap((ratingA) =>
							[false, true].map((weatherResistant): Need => ({
								kind: 'part',
								part,
								ratingA,
								weatherResistant
							}))
						)
					),
				{ kind: 'plate', opening: 'square' },
				{ kind: 'plate', opening: 'rounded' },
				{ kind: 'gangPlate', devices: 2 },
				{ kind: 'connector', how: 'lever', wires: 3, size: '12AWG' },
				{ kind: 'connector', how: 'twistOn', wires: 3, size: '12AWG' },
				{ kind: 'tail', colour: 'black', size: '14AWG' },
				{ kind: 'cap' }
			];
			const words = needs.map((need) => needWords(need, region));
			expect(words.filter((each, k) => words.indexOf(each) !== k)).toEqual([]);
			expect(new Set(needs.map(needId)).size).toBe(needs.length);
		}
		expect(neededWords({ need: { kind: 'cap' }, count: 3, at: [] }, 'us')).toBe('3 × cap');
	});

	it('says of a kept plan that can’t be done any more why, and what to do', () => {
		expect(keptFailureWords({ code: 'ruledOut', box: 'x' }, 'us')).toMatch(/Open it to see which/);
		expect(keptFailureWords({ code: 'unknownBox', box: 'x' }, 'uk')).toMatch(/socket-outlet by that name/);
	});
});
