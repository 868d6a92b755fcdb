import { afterAll, describe, expect, it } from 'vitest';
import { everything } from '../../test/draws';
import { everyArrangement, everyNetwork } from '../../test/everyNetwork';
import { compareWithNgspice, sideBySide } from '../../test/ngspice';

/** Networks in one run of ngspice: starting it costs as much as solving a few, and many at once cost it more than in turn. */
const atOnce = 5;
const byDayOneOf = 4;

describe('every arrangement with every single mistake, against ngspice', () => {
	let networks = 0;
	let nodes = 0;
	let worst = 0;
	it.each(everyArrangement.map((each) => [`${each.region} ${each.kind}`, each] as const))(
		'%s',
		(_, arrangement) => {
			// By day one of four, another of them in each arrangement; in the long run all.
			const all = everyNetwork(arrangement);
			const first = everyArrangement.indexOf(arrangement) % byDayOneOf;
			const cases = everything ? all : all.filter((_, k) => k % byDayOneOf === first);
			let here = 0;
			for (let from = 0; from < cases.length; from += atOnce) {
				const compared = compareWithNgspice(
					sideBySide(cases.slice(from, from + atOnce).map(({ network }) => network))
				);
				expect(compared.largest).toBeLessThanOrEqual(1e-6);
				expect(compared.hanging).toBeLessThanOrEqual(1e-5);
				here += compared.nodes;
				worst = Math.max(worst, compared.largest);
			}
			expect(here).toBeGreaterThan(cases.length * 7);
			networks += cases.length;
			nodes += here;
		}
	);
	it('are enough networks', () => expect(networks).toBeGreaterThanOrEqual(everything ? 300 : 75));
	afterAll(() =>
		console.log(
			`ngspice: ${networks} networks of arrangements and mistakes, ${nodes} nodes above 1 mV, largest relative difference ${worst.toExponential(1)}`
		)
	);
});
