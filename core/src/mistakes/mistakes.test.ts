import { describe, expect, it } from 'vitest';
import { arrangements, here, newGfci, type ArrangementKind } from '../arrangements';
import { compileHouse, points, settle, withBox, type House } from '../house';
import { contactlessAlarms, readPlugLamps, readVoltageV } from '../instruments';
import { applyAll, mistakeKinds, mistakesOf, pairsOf } from './index';

const build = (kind: ArrangementKind, options = {}): House =>
	arrangements.find((each) => each.kind === kind)!.build(options);
const made = (house: House, ...ids: string[]): House => {
	const all = mistakesOf(house, here);
	return applyAll(
		house,
		ids.map((id) => {
			const found = all.find((each) => each.id === id);
			if (!found) throw new Error(`no ${id} among ${all.map((each) => each.id).join(' ')}`);
			return found;
		})
	)!;
};
const lamps = (house: House, box = here) => {
	const { hotNeutral, hotGround, neutralGround } = readPlugLamps(
		house,
		box,
		house.region === 'us' ? 'upper' : 'left'
	);
	return [hotNeutral && 'HN', hotGround && 'HG', neutralGround && 'NG'].filter(Boolean).join('+') || 'none';
};
const plugged = (
	house: House,
	box: string,
	resistanceOhm: number,
	half: 'upper' | 'lower' = 'upper'
): House => ({
	...house,
	loads: [...house.loads, { id: `${box}-${half}`, name: 'load', box, half, resistanceOhm, on: true }]
});

describe('three lamps over a single mistake', () => {
	// The table of what the lamps usually mean; that it comes out of the model is the point.
	it.each([
		['as it should be', [], 'HN+HG'],
		['ground open', ['open.ground.upstream'], 'HN'],
		['neutral open', ['open.neutral.upstream'], 'HG'],
		['hot open', ['open.hot.upstream'], 'none'],
		['hot and neutral swapped', ['swapped.hot.neutral.upstream'], 'HN+NG'],
		['hot and ground swapped', ['swapped.hot.ground.upstream'], 'HG+NG'],
		['neutral and ground swapped', ['swapped.neutral.ground.upstream'], 'HN+HG'],
		['neutral joined to ground at the outlet', ['neutralGroundJoined.neutral.ground.here'], 'HN+HG'],
		['the same behind swapped conductors', ['joinedBehindSwapped.hot.neutral.ground.here'], 'HN+HG'],
		['hot and neutral swapped at the device', ['swapped.hot.neutral.here'], 'HN+NG']
	])('%s', (_, ids, shown) => {
		expect(lamps(made(build('endOfRun'), ...ids))).toBe(shown);
	});

	it('shows metalwork alive as sound, and only a contactless tester at the ground tells', () => {
		const deceiving = made(build('endOfRun'), 'joinedBehindSwapped.hot.neutral.ground.here');
		const ground = points.contact(here, 'upper', 'ground');
		expect(contactlessAlarms(deceiving, ground)).toBe(true);
		expect(contactlessAlarms(build('endOfRun'), ground)).toBe(false);
	});
});

describe('the catalogue', () => {
	const all = arrangements.flatMap(({ build: make }) => {
		const house = make();
		return mistakesOf(house, here).map((mistake) => ({ house, mistake }));
	});

	it('makes every kind of mistake somewhere', () => {
		expect(mistakeKinds.filter((kind) => !all.some(({ mistake }) => mistake.kind === kind))).toEqual([]);
	});

	it('names each once, and each changes the network', () => {
		for (const { build: make } of arrangements) {
			const house = make();
			const ids = mistakesOf(house, here).map(({ id }) => id);
			expect(new Set(ids).size).toBe(ids.length);
		}
		const of = (house: House) => JSON.stringify(compileHouse(house).branches);
		expect(
			all
				.filter(({ house, mistake }) => of(mistake.apply(house)!) === of(house))
				.map(({ mistake }) => mistake.id)
		).toEqual([]);
	});

	it('makes any two of them at once', () => {
		for (const { build: make } of arrangements) {
			const house = make();
			const singles = mistakesOf(house, here);
			const pairs = pairsOf(house, singles);
			expect(pairs.length).toBeGreaterThan((singles.length * (singles.length - 1)) / 3);
			for (const pair of pairs.filter((_, k) => k % 9 === 0))
				expect(settle(applyAll(house, pair)!).ended).toBe('still');
		}
	});
});

describe('a shared neutral', () => {
	it('opened alive puts the two loads in series across 240 V', () => {
		// 20 Ω on one leg and 240 Ω on the other in series: the 240 Ω one takes 240·240/260 = 221.5 V, less what the wires take.
		const house = plugged(plugged(build('twoCircuits'), here, 20), here, 240, 'lower');
		const open = made(house, 'sharedNeutralOpen.neutral.upstream');
		const across = (half: 'upper' | 'lower') =>
			readVoltageV(
				open,
				{ red: points.contact(here, half, 'hot'), black: points.contact(here, half, 'neutral') },
				'highImpedance'
			);
		expect(across('lower')).toBeCloseTo(221.2, 0);
		expect(across('upper')).toBeCloseTo(18.4, 0);
	});
});

describe('a residual device', () => {
	const leakA = (ohm: number, box: string) => ({
		kind: 'resistor' as const,
		id: 'leak',
		from: points.contact(box, 'upper', 'hot'),
		to: points.contact(box, 'upper', 'ground'),
		resistanceOhm: ohm
	});
	const trips = (house: House, ohm: number, box: string) =>
		settle(house, [leakA(ohm, box)]).trips.map(({ device, cause }) => `${device} ${cause}`);
	const through = build('throughGfci');

	it('sees the difference of its currents here and downstream, and none upstream', () => {
		expect(trips(through, 15_000, here)).toEqual(['here residual']);
		expect(trips(through, 15_000, 'after')).toEqual(['here residual']);
		expect(trips(through, 15_000, 'before')).toEqual([]);
		expect(trips(through, 40_000, here)).toEqual([]);
	});

	it('opens in the time that its standard gives: 8 mA in (20/8)^1.43 = 3.7 s', () => {
		const [trip] = settle(through, [leakA(15_000, here)]).trips;
		expect(trip!.afterS).toBeCloseTo(3.7, 1);
	});

	it('with supply and load exchanged protects nothing downstream; an old one gives power all the same', () => {
		const old = withBox(
			through,
			here,
			(box) => ({ ...box, device: { ...newGfci, make: 'old' } }) as typeof box
		);
		const reversed = made(old, 'sidesReversed.here');
		expect(lamps(reversed)).toBe('HN+HG');
		expect(trips(reversed, 15_000, here)).toEqual([]);
		expect(trips(reversed, 15_000, 'before')).toEqual([]);
	});

	it('opens at a downstream neutral joined to ground, with no load at all', () => {
		expect(settle(made(through, 'neutralTouchesGround.neutral.ground.downstream')).trips).toMatchObject([
			{ device: 'here', cause: 'groundedNeutral' }
		]);
		expect(settle(through).trips).toEqual([]);
	});

	it('opens under any downstream load whose neutral comes back past it', () => {
		const worn = withBox(
			through,
			here,
			(box) => ({ ...box, device: { ...newGfci, protection: 'groundFault' } }) as typeof box
		);
		const past = made(worn, 'neutralOnSupplySide.neutral.here');
		expect(settle(plugged(past, 'after', 240)).trips).toMatchObject([{ device: 'here', cause: 'residual' }]);
	});
});

describe('a joint that is poor', () => {
	it('drops under load what Ohm’s law says, and nothing without', () => {
		// 9.6 Ω behind 1 Ω of bad joint and under half an ohm of wire: a tenth of the voltage stays in the joint.
		const loose = made(build('endOfRun'), 'loose.neutral.upstream');
		const at = (house: House) =>
			readVoltageV(
				house,
				{ red: points.contact(here, 'upper', 'hot'), black: points.contact(here, 'upper', 'neutral') },
				'highImpedance'
			);
		expect(at(loose)).toBeCloseTo(120, 0);
		expect(at(plugged(loose, here, 9.6)) / at(plugged(build('endOfRun'), here, 9.6))).toBeCloseTo(10 / 11, 1);
	});
});
