import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { arrangements, here, newGfci } from '../arrangements';
import { act } from '../bench';
import { soldIn } from '../devices';
import { cablesInBox, findBox, usualDevice, type Device, type House, type Role } from '../house';
import {
	asRecorded,
	benchEvents,
	conducting,
	done,
	endId,
	endsOf,
	moves,
	promised,
	verdict,
	wanted,
	type End,
	type Feed,
	type Wiring,
	type Wish
} from '.';
import { withEnd } from './value';

const duplex = usualDevice('us', 15);
const parts: Readonly<Record<'us' | 'uk', Readonly<Record<string, Device>>>> = {
	us: {
		duplex,
		decorator: { ...duplex, style: 'decorator' } as Device,
		usb: { kind: 'usb', ratingA: 15, style: 'decorator', tamperResistant: true, contacts: 'good' },
		single: { kind: 'single', ratingA: 15, tamperResistant: true, contacts: 'good' },
		gfci: { ...newGfci, tripped: true }
	},
	uk: {
		twin: { kind: 'socketTwin', ratingA: 13, tamperResistant: true, switched: true, contacts: 'good' },
		usbTwin: {
			kind: 'socketTwin',
			ratingA: 13,
			tamperResistant: true,
			switched: false,
			usb: true,
			contacts: 'good'
		},
		rcd: {
			kind: 'socketRcd',
			ratingA: 13,
			tamperResistant: true,
			switched: true,
			tripped: false,
			senses: true,
			tripMa: 30,
			contacts: 'good'
		}
	}
};

const supplyOf = (house: House): string[] =>
	cablesInBox(house, here)
		.filter(({ end }) => end === 'to')
		.map(({ cable }) => cable.id);

const wishOf = (house: House, device: Device, feed: Feed, more: Partial<Wish> = {}): Wish => ({
	device,
	feed,
	switched: 'keep',
	supply: supplyOf(house),
	wireEnd: 'clampPlate',
	connector: 'lever',
	...more
});

const roles = (house: House, ...wirings: Wiring[]) => {
	const known = new Map<string, Role>();
	for (const wiring of wirings)
		for (const { end, role } of conducting(house, here, wiring)) known.set(endId(end), role);
	return (end: End): Role => known.get(endId(end))!;
};
const plain = (wiring: Wiring) => ({
	device: wiring.device,
	joints: [...wiring.joints].sort((a, b) => a.id.localeCompare(b.id)),
	places: endsOf(wiring)
		.map(({ end, at }) => `${endId(end)} ${at}`)
		.sort()
});

/** Every box that holds an outlet; and those on whose ground and neutral nothing special hangs. */
const anyOutlet = arrangements.filter(({ kind }) => !['fusedSpur', 'passingThrough'].includes(kind));
const outlets = anyOutlet.filter(({ kind }) => !['twoCircuits', 'ungrounded'].includes(kind));
/** Every part that is sold, as it comes out of its packet. */
const everyPart = (region: 'us' | 'uk'): Device[] =>
	soldIn(region).map((family) => family.made(region === 'us' ? 15 : 13));

/** Boxes as they are met, and wishes for them. */
const casesOf = (met: typeof outlets) =>
	fc.record({
		arrangement: fc.constantFrom(...met),
		material: fc.constantFrom('metal' as const, 'plastic' as const),
		part: fc.nat(),
		feed: fc.constantFrom<Feed>('asFound', 'throughDevice', 'pigtails', 'protected'),
		switched: fc.constantFrom('keep' as const, 'alwaysOn' as const),
		wireEnd: fc.constantFrom('clampPlate' as const, 'hook' as const),
		connector: fc.constantFrom('lever' as const, 'twistOn' as const),
		school: fc.constantFrom('groundFirst' as const, 'hotFirst' as const, 'asItCameOff' as const),
		metres: fc.array(fc.double({ min: 1, max: 30, noNaN: true }), { minLength: 3, maxLength: 4 })
	});

const cases = casesOf(outlets);
const every = casesOf(anyOutlet);

describe('two thousand boxes and wishes', () => {
	test('moves done one by one lead from what was found to what is wanted, and the bench agrees with each', () => {
		let sound = 0;
		fc.assert(
			fc.property(every, ({ arrangement, material, part, school, metres, feed, ...schools }) => {
				const house = arrangement.build({ boxMaterial: material, lengthsM: metres });
				const list = everyPart(house.region);
				const wish = wishOf(house, list[part % list.length]!, feed, schools);
				const made = wanted(house, here, wish);
				if (!made.ok) return;
				sound++;
				const found = asRecorded(house, here);
				const steps = moves(found, made.wiring, roles(house, found, made.wiring), school);
				expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
				expect(plain(steps.reduce(done, found))).toEqual(plain(made.wiring));
				let bench = withoutPower(house);
				for (const event of steps.flatMap(benchEvents)) {
					const acted = act(bench, here, event);
					if (!acted.ok) throw new Error(JSON.stringify({ event, refusal: acted.refusal }));
					bench = acted.settled.house;
				}
				expect(plain(asRecorded(bench, here))).toEqual(plain(made.wiring));
			}),
			drawn(11, 400, 4000)
		);
		// Enough of them were possible for that to say something.
		expect(sound).toBeGreaterThan(200);
	});

	test('no state on the way is one that is forbidden', () => {
		fc.assert(
			fc.property(every, ({ arrangement, material, part, school, metres, feed, ...schools }) => {
				const house = arrangement.build({ boxMaterial: material, lengthsM: metres });
				const list = everyPart(house.region);
				const made = wanted(house, here, wishOf(house, list[part % list.length]!, feed, schools));
				if (!made.ok) return;
				const found = asRecorded(house, here);
				const roleOf = roles(house, found, made.wiring);
				const steps = moves(found, made.wiring, roleOf, school);
				const at = (kind: string) => steps.findIndex((move) => move.kind === kind);
				const freed = steps.flatMap((move) => (move.kind === 'free' ? [move.role] : []));
				// Hot off first, ground last.
				expect([...freed].sort((a, b) => offOrder.indexOf(a) - offOrder.indexOf(b))).toEqual(freed);
				// A tab is broken before any wire is on the new part; tape is looked at before the load side.
				if (at('breakTab') >= 0) expect(at('breakTab')).toBeLessThan(at('land'));
				if (at('tape') >= 0) expect(at('tape')).toBeLessThan(at('land'));
				const landed = steps.flatMap((move) => (move.kind === 'land' ? [move] : []));
				if (school === 'groundFirst' && landed.some(({ role }) => role === 'ground'))
					expect(landed[0]!.role).toBe('ground');
				// What a connector needs is made before it goes in.
				const tails = new Set<string>(found.pigtails.map(({ id }) => id));
				for (const move of steps) {
					if (move.kind === 'makeTail') tails.add(move.tail);
					if (move.kind === 'join' || move.kind === 'land')
						for (const end of move.ends) if (end.kind === 'tail') expect(tails.has(end.tail)).toBe(true);
				}
				const lift = steps.find((move) => move.kind === 'tape');
				const loads = landed.some(({ terminal }) => terminal.startsWith('load'));
				if (lift?.kind === 'tape') expect(lift.lift).toBe(loads);
			}),
			drawn(12, 200, 4000)
		);
	});

	test('what is wanted passes the model, on every half and for every outlet on the circuit', () => {
		const refused = new Map<string, number>();
		let passed = 0;
		fc.assert(
			fc.property(cases, ({ arrangement, material, part, metres, feed, ...schools }) => {
				const house = arrangement.build({ boxMaterial: material, lengthsM: metres });
				const list = Object.values(parts[house.region]);
				const wish = wishOf(house, list[part % list.length]!, feed, schools);
				const made = wanted(house, here, wish);
				if (!made.ok) return void refused.set(made.refusal.code, (refused.get(made.refusal.code) ?? 0) + 1);
				passed++;
				const said = verdict(house, here, made.wiring, promised(house, here, wish));
				// Where something else replaces what protected, the only thing wrong is that, and it is said.
				const was = findBox(house, here)!.device?.kind === 'gfci';
				// Where another opens at a leak before this one does, nobody can promise that it is this one.
				const before = said.guardedBy !== null && said.guardedBy !== here;
				const faults = said.faults.filter(
					(fault) => !(fault.code === 'unprotected' && (was || (before && fault.promised)))
				);
				expect({ kind: arrangement.kind, part: wish.device.kind, feed, faults }).toMatchObject({
					faults: []
				});
				if (was && wish.device.kind !== 'gfci') expect(said.passes).toBe(false);
			}),
			drawn(13, 150, 1600)
		);
		expect(passed).toBeGreaterThan(50);
	});
});

describe('five hundred wrong plans', () => {
	/** Ways in which a hand gets a sound plan wrong; each tells the ends it has to do with, or that it doesn’t apply. */
	const slips: Readonly<
		Record<string, (sound: Wiring, house: House, n: number) => [Wiring, string[]] | null>
	> = {
		twoSwapped: (sound, house, n) => {
			const on = conducting(house, here, sound).filter(({ at }) => at.startsWith('terminal:'));
			const pairs = on.flatMap((a) =>
				on.filter((b) => purpose(a.role) < purpose(b.role)).map((b) => [a, b] as const)
			);
			if (pairs.length === 0) return null;
			const [a, b] = pairs[n % pairs.length]!;
			const swapped = withEnd(withEnd(sound, a.end, b.at, 'hook'), b.end, a.at, 'hook');
			return [swapped, [endId(a.end), endId(b.end)]];
		},
		leftOff: (sound, _house, n) => {
			const on = endsOf(sound).filter(({ at }) => at !== 'capped' && at !== 'bare');
			const { end } = on[n % on.length]!;
			return [withEnd(sound, end, 'bare'), [endId(end)]];
		},
		inTheWrongJoint: (sound, house, n) => {
			const ends = conducting(house, here, sound).filter(({ cable }) => cable !== null);
			const wrong = ends.flatMap((each) =>
				sound.joints
					.filter(({ id }) =>
						endsOf(sound).some(
							({ end, at }) => at === `joint:${id}` && roleAt(house, sound, end) !== purpose(each.role)
						)
					)
					.map(({ id }) => [each.end, `joint:${id}`] as const)
			);
			if (wrong.length === 0) return null;
			const [end, at] = wrong[n % wrong.length]!;
			return [withEnd(sound, end, at, 'lever'), [endId(end)]];
		},
		tabLeftWhole: (sound) => {
			if (sound.device?.kind !== 'duplex' || sound.device.tabs.hot) return null;
			const hots = endsOf(sound).flatMap(({ end, at }) =>
				at.startsWith('terminal:hot') ? [endId(end)] : []
			);
			return [{ ...sound, device: { ...sound.device, tabs: { hot: true, neutral: true } } }, hots];
		},
		sidesSwapped: (sound) => {
			if (sound.device?.kind !== 'gfci') return null;
			const turned = endsOf(sound).filter(({ at }) => /terminal:(supply|load)/.test(at));
			const other = (at: string) =>
				at.includes('supply') ? at.replace('supply', 'load') : at.replace('load', 'supply');
			return [
				turned.reduce((made, { end, at }) => withEnd(made, end, other(at), 'clampPlate'), sound),
				turned.map(({ end }) => endId(end))
			];
		},
		hotsOfSidesSwapped: (sound) => {
			if (sound.device?.kind !== 'gfci') return null;
			const turned = endsOf(sound).filter(({ at }) => /terminal:(supply|load)Hot/.test(at));
			const other = (at: string) => (at.includes('supply') ? 'terminal:loadHot' : 'terminal:supplyHot');
			return [
				turned.reduce((made, { end, at }) => withEnd(made, end, other(at), 'clampPlate'), sound),
				turned.map(({ end }) => endId(end))
			];
		},
		tooManyOnOne: (sound, house) => {
			if (house.region === 'uk') return null;
			const to = endsOf(sound).find(({ at }) => at === 'terminal:ground');
			const more = conducting(house, here, sound).filter(
				({ role, cable }) => role === 'ground' && cable !== null
			);
			if (!to || more.length < 2) return null;
			return [
				more.reduce((made, { end }) => withEnd(made, end, 'terminal:ground', 'hook'), sound),
				more.map(({ end }) => endId(end))
			];
		}
	};
	const counted = new Map<string, number>();

	test('each is refused, and what is wrong is named with an end that is wrong', () => {
		fc.assert(
			fc.property(cases, fc.constantFrom(...Object.keys(slips)), fc.nat(1000), (each, slip, n) => {
				const { arrangement, material, part, metres, feed, school: _school, ...schools } = each;
				const house = arrangement.build({ boxMaterial: material, lengthsM: metres });
				const list = Object.values(parts[house.region]);
				const wish = wishOf(house, list[part % list.length]!, feed, schools);
				const made = wanted(house, here, wish);
				fc.pre(made.ok);
				if (!made.ok) return;
				const wrong = slips[slip]!(made.wiring, house, n);
				fc.pre(wrong !== null);
				const [plan, touched] = wrong!;
				counted.set(slip, (counted.get(slip) ?? 0) + 1);
				const said = verdict(house, here, plan, promised(house, here, wish));
				const named = said.faults.flatMap((fault) => ('ends' in fault ? fault.ends.map(endId) : []));
				expect({
					slip,
					kind: arrangement.kind,
					feed,
					part: wish.device.kind,
					passes: said.passes
				}).toMatchObject({
					passes: false
				});
				expect(
					named.some((id) => touched.includes(id))
						? []
						: { slip, touched, faults: said.faults, kind: arrangement.kind }
				).toEqual([]);
			}),
			drawn(14, 500, 2000)
		);
		for (const slip of Object.keys(slips))
			expect({ slip, met: counted.get(slip) ?? 0 }).not.toMatchObject({ met: 0 });
	});
});

const purpose = (role: Role): Role => (role === 'switchedHot' ? 'hot' : role);
const roleAt = (house: House, wiring: Wiring, end: End): Role =>
	purpose(conducting(house, here, wiring).find((each) => endId(each.end) === endId(end))!.role);
const offOrder: readonly Role[] = ['hot', 'switchedHot', 'neutral', 'ground'];
const withoutPower = (house: House): House => ({
	...house,
	panels: house.panels.map((panel) => ({
		...panel,
		breakers: panel.breakers.map((breaker) => ({ ...breaker, on: false }))
	}))
});
