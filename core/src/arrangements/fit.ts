import {
	isBlank,
	tabsOf,
	withTripped,
	deviceModel,
	findBox,
	hasSides,
	points,
	settle,
	withBox,
	withBreakers,
	type Box,
	type Cable,
	type Colour,
	type Device,
	type House
} from '../house';
import { readOhms, readVoltageV } from '../instruments';
import type { Region } from '../rules';
import { arrangementsOf, type Arrangement, type ArrangementKind } from './arrangements';
import { here } from './fragment';

/** How the wires come to the device. */
export const wiredWays = ['ownScrews', 'pigtails', 'sides', 'unsure'] as const;
export type WiredWay = (typeof wiredWays)[number];

/** What somebody sees in an opened box, before anything is known of it. */
export interface BoxSeen {
	readonly region: Region;
	/** For each cable the colours of its conductors. */
	readonly cables: readonly (readonly Colour[])[];
	readonly device: Exclude<Device['kind'], 'blank'> | 'none';
	/** us duplex: whether the bridge on the hot side is broken off; `null`: not looked at. */
	readonly hotTabBroken: boolean | null;
	readonly wired: WiredWay;
	/** Armour or conduit, or a metal box without a ground wire. */
	readonly metalSheath: boolean;
	/** What was measured to tell arrangements apart. */
	readonly measured?: readonly { readonly test: SettlingTest; readonly shows: string }[];
}

/** One thing compared between what is seen and an arrangement. */
export interface Compared {
	readonly what: 'measured' | 'cables' | 'conductors' | 'device' | 'tab' | 'wired' | 'sheath' | 'colours';
	readonly agrees: boolean;
}

export interface Fit {
	readonly kind: ArrangementKind;
	readonly fits: boolean;
	/** 0 to 1 among those that fit. */
	readonly share: number;
	readonly compared: readonly Compared[];
}

/** What each agreement is worth, and each disagreement costs. Colours least of all: they are a hint, never a proof. */
const weights: Record<Compared['what'], { readonly agrees: number; readonly differs: number }> = {
	measured: { agrees: 0, differs: -20 },
	cables: { agrees: 2, differs: -6 },
	conductors: { agrees: 2, differs: -4 },
	device: { agrees: 1, differs: -4 },
	tab: { agrees: 2, differs: -4 },
	wired: { agrees: 1.5, differs: -1.5 },
	sheath: { agrees: 1, differs: -3 },
	colours: { agrees: 0.3, differs: -0.3 }
};

/** Where these differ it is another arrangement, whatever else agrees. */
const decisive: ReadonlySet<Compared['what']> = new Set(['measured', 'cables', 'conductors']);

interface Features extends Omit<BoxSeen, 'region' | 'device' | 'measured'> {
	readonly device: Device | undefined;
}

/** What one would see in the box of an arrangement: read off its own wiring. */
function featuresOf(house: House, boxId = here): Features {
	const box = findBox(house, boxId)!;
	const cables = house.cables.filter(
		({ from, to }) => to.box === boxId || ('box' in from && from.box === boxId)
	);
	const spliced = (box: Box) =>
		box.terminations.some(({ cable, conductor, at }) => {
			const role = cables.find(({ id }) => id === cable)?.conductors.find(({ id }) => id === conductor)?.role;
			return role === 'neutral' && at.startsWith('joint:') && !at.includes('passing');
		});
	const tabs = tabsOf(box.device);
	return {
		cables: cables.map(({ conductors }) => conductors.map(({ colour }) => colour)),
		device: box.device,
		hotTabBroken: tabs ? !tabs.hot : null,
		wired: box.device && hasSides(box.device) ? 'sides' : spliced(box) ? 'pigtails' : 'ownScrews',
		metalSheath: cables.some(({ sheath }) => sheath === 'armoured' || sheath === 'conduit')
	};
}

const sorted = (items: readonly (string | number)[]): string => [...items].sort().join();
const groundColours: readonly Colour[] = ['bare', 'green', 'greenYellow'];
/** Insulated conductors and whether there is a ground, per cable: what a count tells. */
const counts = (cables: Features['cables']): string =>
	sorted(
		cables.map((colours) => {
			const grounds = colours.filter((colour) => groundColours.includes(colour)).length;
			return `${colours.length - grounds}+${grounds}`;
		})
	);

/** A residual device stands for every device with sides, a socket for every socket: what it is, not its make. */
const family = (device: Device['kind'] | 'none' | undefined): string =>
	device === undefined || device === 'none' || device === 'blank'
		? 'none'
		: device === 'gfci'
			? 'sided'
			: device === 'fusedSpur'
				? 'fusedSpur'
				: device === 'twoSlot'
					? 'twoSlot'
					: 'outlet';

function compare(seen: BoxSeen, features: Features): Compared[] {
	const at = (what: Compared['what'], agrees: boolean): Compared => ({ what, agrees });
	const same = (a: Features['cables'], b: Features['cables']) =>
		sorted(a.map((one) => sorted(one))) === sorted(b.map((one) => sorted(one)));
	return [
		at('cables', seen.cables.length === features.cables.length),
		at('conductors', counts(seen.cables) === counts(features.cables)),
		at('device', family(seen.device) === family(features.device?.kind)),
		...(seen.hotTabBroken === null || features.hotTabBroken === null
			? []
			: [at('tab', seen.hotTabBroken === features.hotTabBroken)]),
		...(seen.wired === 'unsure' ? [] : [at('wired', seen.wired === features.wired)]),
		at('sheath', seen.metalSheath === features.metalSheath),
		at('colours', same(seen.cables, features.cables))
	];
}

/**
 * The arrangements of a region against what is seen, the likeliest first. One fits as long as the number of cables and of conductors agree and the sum of the rest isn't
 * against it; none is ever taken for granted: what would settle it is measured (`settling`).
 */
export function arrangementsThatFit(seen: BoxSeen): Fit[] {
	const scored = arrangementsOf(seen.region).map((arrangement) => {
		const { kind, build } = arrangement;
		const compared = compare(seen, featuresOf(build()));
		for (const { test, shows } of seen.measured ?? [])
			compared.push({ what: 'measured', agrees: measured(test, arrangement) === shows });
		const score = compared.reduce(
			(sum, { what, agrees }) => sum + weights[what][agrees ? 'agrees' : 'differs'],
			0
		);
		return {
			kind,
			compared,
			score,
			fits: compared.every(({ what, agrees }) => agrees || !decisive.has(what)) && score > 2
		};
	});
	const total = scored.filter(({ fits }) => fits).reduce((sum, { score }) => sum + Math.exp(score), 0);
	return scored
		.sort((a, b) => Number(b.fits) - Number(a.fits) || b.score - a.score)
		.map(({ kind, compared, fits, score }) => ({
			kind,
			fits,
			compared,
			share: fits ? Math.exp(score) / total : 0
		}));
}

/** Whether a recorded box is what was seen: the same cables by number and conductors, the same sort of device, wired the same way. Colours don't count. */
export const agreesWith = (seen: BoxSeen, house: House, boxId: string): boolean =>
	compare(seen, featuresOf(house, boxId)).every(({ what, agrees }) => agrees || what === 'colours');

/** A thing to measure that may tell arrangements apart, safest first. */
export const settlingTests = ['oneBreakerOff', 'upstreamTest', 'neutralToGround', 'endToEnd'] as const;
export type SettlingTest = (typeof settlingTests)[number];

export interface Settling {
	readonly test: SettlingTest;
	/** Which arrangements would show what. */
	readonly outcomes: readonly { readonly shows: string; readonly kinds: readonly ArrangementKind[] }[];
}

/** The test that splits the arrangements that are left best, of equals the safest; `null` where none splits them. */
export function settling(region: Region, kinds: readonly ArrangementKind[]): Settling | null {
	const left = arrangementsOf(region).filter(({ kind }) => kinds.includes(kind));
	const tried = settlingTests.map((test): Settling => {
		const groups = new Map<string, ArrangementKind[]>();
		for (const arrangement of left) {
			const shows = measured(test, arrangement);
			groups.set(shows, [...(groups.get(shows) ?? []), arrangement.kind]);
		}
		return { test, outcomes: [...groups].map(([shows, of]) => ({ shows, kinds: of })) };
	});
	const splits = (settling: Settling) => Math.max(...settling.outcomes.map(({ kinds: of }) => of.length));
	const best = tried.filter(({ outcomes }) => outcomes.length > 1).sort((a, b) => splits(a) - splits(b))[0];
	return best ?? null;
}

/** The box of an arrangement as a test finds it. */
interface Tried {
	readonly house: House;
	readonly box: Box;
	readonly cables: readonly Cable[];
	/** With the one breaker off. */
	readonly off: House;
}

/** What a test shows in an arrangement: solved, and put into a few words of data. */
function measured(test: SettlingTest, { build }: Arrangement): string {
	const house = build();
	const cables = house.cables.filter(
		({ from, to }) => to.box === here || ('box' in from && from.box === here)
	);
	return tests[test]({ house, box: findBox(house, here)!, cables, off: withBreakers(house, { b1: false }) });
}

const endHere = (cable: Cable): 'to' | 'from' => (cable.to.box === here ? 'to' : 'from');
const pointOf = (cable: Cable, role: 'hot' | 'neutral' | 'ground'): string | null => {
	const conductor = cable.conductors.find((each) => each.role === role)?.id;
	return conductor === undefined ? null : points.conductor(cable.id, conductor, endHere(cable));
};
/** By resistance between two conductors, every end in the box free and the power off: less than so many ohms. */
function readsUnder(off: House, red: string | null, black: string | null, ohm: number): boolean {
	const apart = withBox(off, here, (each) => ({
		...each,
		terminations: each.terminations.map((end) => ({ ...end, at: 'bare' }))
	}));
	const reading = red && black ? readOhms(apart, { red, black }) : null;
	return reading?.kind === 'ohms' && reading.resistanceOhm < ohm;
}

const tests: Readonly<Record<SettlingTest, (tried: Tried) => string>> = {
	oneBreakerOff: ({ house, box, cables, off }) => {
		const earth = points.earth(house.panels[0]!.id);
		const alive = box.terminations.some(({ cable, conductor }) => {
			const found = cables.find(({ id }) => id === cable)!;
			const red = points.conductor(cable, conductor, endHere(found));
			return readVoltageV(off, { red, black: earth }, 'lowImpedance') > 50;
		});
		return alive ? 'somethingAlive' : 'allDead';
	},
	upstreamTest: ({ house, box }) => {
		const before = findBox(house, 'before');
		if (!before?.device || !hasSides(before.device) || !('tripped' in before.device)) return 'nothingToPress';
		const tripped = withBox(house, 'before', (each) => ({
			...each,
			device: withTripped(before.device!, true)
		}));
		const half = box.device && deviceModel(box.device).halves[0];
		if (!half) return 'nothingToPress';
		const { solution } = settle(tripped);
		const hot =
			solution.outcome === 'singular' ? undefined : solution.voltageV.get(points.contact(here, half, 'hot'));
		return hot && Math.hypot(hot.re, hot.im) > 50 ? 'staysOn' : 'goesDark';
	},
	neutralToGround: ({ cables, off }) => {
		const bonded = cables.filter((cable) =>
			readsUnder(off, pointOf(cable, 'neutral'), pointOf(cable, 'ground'), 2)
		);
		return `bonded${bonded.length}`;
	},
	endToEnd: ({ cables, off }) => {
		const joined = cables.some((one, k) =>
			cables.slice(k + 1).some((other) => readsUnder(off, pointOf(one, 'hot'), pointOf(other, 'hot'), 5))
		);
		return joined ? 'endToEnd' : 'apart';
	}
};

/** What one would enter for a box that is wired as a house says. */
export function seenIn(region: Region, house: House, boxId = here): BoxSeen {
	const { device, ...features } = featuresOf(house, boxId);
	return {
		region,
		...features,
		device: device === undefined || isBlank(device) ? 'none' : device.kind
	};
}
