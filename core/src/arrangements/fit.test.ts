import { describe, expect, it } from 'vitest';
import {
	arrangements,
	arrangementsThatFit,
	seenIn,
	settling,
	type ArrangementKind,
	type BoxSeen
} from './index';

describe.each(arrangements.map((each) => [`${each.region} ${each.kind}`, each] as const))(
	'%s',
	(_, { region, kind, build }) => {
		const seen = seenIn(region, build());
		it('fits what is seen of it, and nothing that differs in its cables does', () => {
			const fits = arrangementsThatFit(seen).filter((fit) => fit.fits);
			expect(fits.map((fit) => fit.kind)).toContain(kind);
			// Those that look alike share; none that looks otherwise is above it.
			expect(fits.find((fit) => fit.kind === kind)!.share).toBeCloseTo(fits[0]!.share, 1);
			expect(fits.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
		});
		it('still fits when every colour is another', () => {
			const repainted = {
				...seen,
				cables: seen.cables.map((colours) => colours.map((colour) => (colour === 'bare' ? colour : 'blue')))
			};
			expect(
				arrangementsThatFit(repainted as BoxSeen)
					.filter((fit) => fit.fits)
					.map((fit) => fit.kind)
			).toContain(kind);
		});
	}
);

describe('what would settle it', () => {
	const kindsThatFit = (region: 'us' | 'uk', kind: ArrangementKind) =>
		arrangementsThatFit(
			seenIn(region, arrangements.find((each) => each.region === region && each.kind === kind)!.build())
		)
			.filter((fit) => fit.fits)
			.map((fit) => fit.kind);

	it('a ring is told from a radial by continuity end to end, or by both neutrals being bonded; not by the count', () => {
		expect(kindsThatFit('uk', 'ring')).toEqual(expect.arrayContaining(['ring', 'radialMiddle']));
		const { test, outcomes } = settling('uk', ['ring', 'radialMiddle'])!;
		expect(['neutralToGround', 'endToEnd']).toContain(test);
		expect(outcomes.map(({ kinds }) => kinds).sort()).toEqual([['radialMiddle'], ['ring']].sort());
	});
	it('a second circuit by what stays alive; an outlet behind a GFCI by its test button', () => {
		expect(settling('us', ['twoCircuits', 'endOfRun'])!.test).toBe('oneBreakerOff');
		const behind = settling('us', ['middleThrough', 'behindGfci'])!;
		expect(behind.test).toBe('upstreamTest');
		expect(behind.outcomes.find(({ shows }) => shows === 'goesDark')!.kinds).toEqual(['behindGfci']);
	});
	it('what was measured rules out what would have shown something else', () => {
		const seen = seenIn('uk', arrangements.find((each) => each.kind === 'ring')!.build());
		const { test, outcomes } = settling('uk', ['ring', 'radialMiddle'])!;
		for (const { shows, kinds } of outcomes) {
			const fits = arrangementsThatFit({ ...seen, measured: [{ test, shows }] }).filter((fit) => fit.fits);
			expect(fits.map(({ kind }) => kind)).toEqual(kinds);
		}
	});
	it('says so where nothing here can tell: a spur and the end of a radial look and read alike', () => {
		expect(settling('uk', ['spur', 'radialEnd'])).toBeNull();
		expect(settling('us', ['endOfRun'])).toBeNull();
	});
	it('nothing fits six cables', () => {
		const seen: BoxSeen = {
			...seenIn('us', arrangements[0]!.build()),
			cables: Array.from({ length: 6 }, () => ['black', 'white', 'bare'] as const)
		};
		expect(arrangementsThatFit(seen).some((fit) => fit.fits)).toBe(false);
	});
});
