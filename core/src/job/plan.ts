import {
	beside,
	tabsOf,
	takesGround,
	cablesInBox,
	circuitsInBox,
	deviceModel,
	findBox,
	hasMetalFace,
	leadsOnBeside,
	findBreaker,
	mainPanel,
	mainSwitch,
	neighbours,
	points,
	type Box,
	type Colour,
	type Conductor,
	type ConductorEnd,
	type Device,
	type Half,
	type House,
	type How,
	type Role
} from '../house';
import { regions, withoutGround, type PlateLabel, type Region } from '../rules';
import { endsAt, type Verdict, type Wiring } from '../wiring';
import { hardThings, mustBeOffTogether, type Thing, type Together } from '../isolation';
import { fittingRatingsA, protectionAsked, withoutResidual, type ProtectionAsked } from './asked';
import { barePairs, facePairs, type Pair } from './pairs';
import { planWork } from './planWork';
import type { Found } from './steps/planAnew';
import type { WishChoice } from './wishSchema';
import type { ResistanceCheck } from './vocabulary';
import { sameAgain, type Work, type WorkFailure } from './work';
import { familyFor, familyOf } from '../devices';

/** One conductor end at the outlet. */
export interface WireRef {
	readonly id: string;
	readonly role: Role;
	readonly colour: Colour;
	/** `null`: a pigtail or tail that stays in the box. */
	readonly cable: string | null;
	readonly point: string;
	readonly how: How;
	/** Where the cable comes from, as recorded: a box's id, the panel, or `null` for a tail. */
	readonly comesFrom: string | 'panel' | null;
}

/** A terminal of the device and the wires that sit on it, taken off and put on together. */
export interface Landing {
	readonly terminal: string;
	readonly role: Role;
	readonly wires: readonly WireRef[];
}

export type TerminatingSchool = 'groundFirst' | 'hotFirst' | 'asItCameOff';

/**
 * The way a job goes, by number; a job keeps the one it was begun under.
 * 1: the first. 2: decides on protection before it begins; ratings by breaker and conductors; an alarm at the ground is settled by a reading; hot to neutral is
 * compared with what the cables read by themselves; supply cables by contrast, alive by contactless first; the box's material as seen.
 * 3: something else goes in: what is done at the box is `work`, moves on conductor ends; what the new part adds is tried after.
 * 4: the same again is moves on conductor ends, too; a plug-in tester and a plug before anything is switched off, set beside the final test; an outlet that is dead from the start; what is found otherwise than
 * recorded is planned anew while the job runs.
 */
export const currentProcedure = 4;
/** From which procedure on the same again is moves on conductor ends, too. */
const movesThroughout = 4;
/** From which procedure something else can be put in, and from which on both kinds of job have one number. */
export const wishProcedure = 3;

/** Hot to neutral of what comes to the device, read with the wires off: one cable's, or that of the tails in a spliced box. */
export interface Baseline {
	readonly group: string;
	readonly hot: WireRef;
	readonly neutral: WireRef;
}

/** What a job is about, worked out once from the recorded house: the same house always gives the same plan. */
export interface JobPlan {
	readonly procedure: number;
	readonly school: TerminatingSchool;
	/** What was found in the box otherwise than recorded, where the plan was made anew from that. */
	readonly foundAs: Found | null;
	readonly region: Region;
	readonly boxId: string;
	/** The other devices of the same box. */
	readonly beside: readonly string[];
	readonly oldDevice: Device;
	readonly newDevice: Device;
	/** What a rule asks for here beyond the same again; `null`: nothing, or it is guarded. */
	readonly asked: ProtectionAsked | null;
	/** uk: nothing in the panel opens at a leak on this circuit, by the record. */
	readonly noResidual: boolean;
	/** By breaker that may turn out to feed it: ratings of a new part that fit, A. */
	readonly fittingRatingsA: Readonly<Record<string, readonly number[]>>;
	/** Bridges between the halves that are broken off, as recorded. */
	readonly brokenTabs: boolean;
	readonly baselines: readonly Baseline[];
	/** Conductors of the two cables on the device, read from end to end where a circuit may be a ring. */
	readonly ends: readonly {
		readonly role: 'hot' | 'neutral' | 'ground';
		readonly a: WireRef;
		readonly b: WireRef;
	}[];
	/** Two cables that both feed may be a ring that is recorded as none. */
	readonly mayBeRing: boolean;
	/** Whether the box has a ground for the device. */
	readonly grounded: boolean;
	/** Whether the new part has a ground on it. */
	readonly newGrounded: boolean;
	/** What its plate has to say. */
	readonly labels: readonly PlateLabel[];
	readonly metalBox: boolean;
	/** us devices have a plate of their own; a uk face is the plate. */
	readonly separatePlate: boolean;
	readonly halves: readonly Half[];
	/** Whether a plug-in tester goes in before anything is switched off. */
	readonly asFound: boolean;
	/** Whether it may be dead from the start. */
	readonly deadFromStart: boolean;
	/** Outlets on the same breaker by the record, that can be watched in its place. */
	readonly witnesses: readonly string[];
	/** The switch that takes all of the panel off. */
	readonly mainSwitch: string;
	readonly facePairs: readonly Pair[];
	readonly barePairs: readonly Pair[];
	/** Cables with a hot and a neutral on the device and a ground in the box: any of them may be the supply. Empty where there is nothing to tell apart. */
	readonly supplyCables: readonly string[];
	/** Of those the ones that feed the box as recorded: one, or two on a ring. */
	readonly recordedSupply: readonly string[];
	readonly onRing: boolean;
	/** Conductors in the box that don't sit on the device: joined, capped, of other circuits. They are in reach too. */
	readonly passing: readonly WireRef[];
	/** In the order they come off: hot first. */
	readonly takeOff: readonly Landing[];
	/** In the order of the school. */
	readonly putOn: readonly Landing[];
	readonly resistanceChecks: readonly ResistanceCheck[];
	readonly upstream: readonly string[];
	readonly downstream: readonly string[];
	/** The breaker the record names for this outlet, every breaker of the panels, and their main switches. */
	readonly recordedBreaker: string;
	readonly breakers: readonly string[];
	/** Breakers that must be off with the recorded one, and why. */
	readonly together: readonly Together[];
	/** By breaker: what may not go off before somebody has seen to it. */
	readonly hard: Readonly<Record<string, readonly Thing[]>>;
	/** Screws of the new device that carry nothing and are driven in. */
	readonly unusedTerminals: readonly string[];
	/** Halves of the new part. */
	readonly newHalves: readonly Half[];
	/** What is done at the box, as moves. `null` only under an earlier procedure: the same again, landing by landing. */
	readonly work: Work | null;
}

export type PlanFailure =
	| ({ readonly box: string } & WorkFailure)
	| { readonly code: 'unknownBox'; readonly box: string }
	| { readonly code: 'noDevice'; readonly box: string }
	| { readonly code: 'notAnOutlet'; readonly box: string }
	| { readonly code: 'noCircuit'; readonly box: string }
	| { readonly code: 'noGround'; readonly box: string }
	/** A two-slot outlet where there is a ground: what belongs there is a grounded one. */
	| { readonly code: 'groundUnused'; readonly box: string }
	| { readonly code: 'nothingOnDevice'; readonly box: string }
	/** A half of its own switch or circuit: the new part's tab would have to be broken, and no step says so yet. */
	| { readonly code: 'brokenTabs'; readonly box: string }
	/** Two breakers that don't open together share a neutral here. */
	| { readonly code: 'sharedNeutral'; readonly box: string; readonly breakers: readonly string[] };

/**
 * Plans the like-for-like replacement of the device in a box. Refused where the record shows what a like-for-like swap doesn't cover:
 * two circuits in the box, no ground, nothing on the device.
 */
export function planJob(
	house: House,
	boxId: string,
	school: TerminatingSchool = 'groundFirst',
	procedure = currentProcedure,
	wished: WishChoice | null = null,
	same = false
): { ok: true; plan: JobPlan } | { ok: false; failure: PlanFailure } {
	const box = findBox(house, boxId);
	// The same again is the wish in which found and wanted agree but for the part.
	const again = procedure >= movesThroughout && wished === null && box?.device ? sameAgain(box.device) : null;
	const wish = wished ?? again;
	const failure = box ? whyNot(house, box, procedure, wish) : { code: 'unknownBox' as const, box: boxId };
	if (!box || failure) return { ok: false, failure: failure! };
	const ratings = fittingRatingsA(house, boxId, circuitsInBox(house, boxId)[0]!.breaker);
	const packet = same || again ? soldAgain(box.device!, ratings) : null;
	// One that is wished for, and a rating that fits is kept: what plugs into it now still does.
	const was =
		wish?.ratingA !== undefined && ratings.includes(wish.ratingA)
			? wish.ratingA
			: 'ratingA' in box.device!
				? box.device.ratingA
				: 0;
	const ratingA = ratings.includes(was) ? was : ratings[0]!;
	const worked = wish && planWork(house, boxId, wish, ratingA, school, packet);
	if (worked && !worked.ok) return { ok: false, failure: { ...worked.failure, box: boxId } };
	const work = worked?.work ?? null;
	const device = box.device!;
	const model = deviceModel(device);
	const takeOff = inOrder(landingsOf(house, box), ['hot', 'switchedHot', 'neutral', 'ground']);
	const wires = takeOff.flatMap((landing) => landing.wires);
	const passing = passingIn(house, box);
	const grounded = wires.some(({ role }) => role === 'ground');
	const newGrounded = work ? endsOnGround(work.ways[0]!.wanted) : grounded;
	const putOn = {
		groundFirst: inOrder(takeOff, ['ground', 'neutral', 'hot', 'switchedHot']),
		hotFirst: takeOff,
		asItCameOff: [...takeOff].reverse()
	}[school];
	const { upstream, downstream } = neighbours(house, boxId);
	const circuit = circuitsInBox(house, boxId)[0]!;
	const used = new Set(takeOff.map(({ terminal }) => terminal));
	const { code, custom } = regions[house.region];
	return {
		ok: true,
		plan: {
			procedure,
			school,
			foundAs: null,
			region: house.region,
			boxId,
			beside: beside(house, boxId),
			// What is asked is met where the new part guards this place itself.
			asked: procedure >= 2 && !work?.verdict.protects.includes(boxId) ? protectionAsked(house, box) : null,
			noResidual: procedure >= 2 && code.residualEverywhere && withoutResidual(house, circuit.breaker),
			fittingRatingsA: Object.fromEntries(
				switchable(house)
					.filter((id) => findBreaker(house, id))
					.map((id) => [id, fittingRatingsA(house, boxId, id)])
			),
			brokenTabs: work === null && hasBrokenTabs(device),
			baselines: procedure >= 2 ? baselinesOf(wires) : [],
			ends: procedure >= 4 && custom.ring !== null ? endsOf(wires) : [],
			mayBeRing: procedure >= 2 && custom.ring !== null,
			oldDevice: device,
			newDevice: work
				? work.ways[0]!.wanted.device!
				: likeForLike(device, procedure >= 2 ? fittingRatingsA(house, boxId, circuit.breaker) : null),
			grounded,
			newGrounded,
			labels: work ? labelsFor(house.region, boxId, work.verdict) : [],
			metalBox: box.material === 'metal',
			separatePlate: custom.plateApart,
			halves: model.halves,
			asFound: procedure >= 4 && grounded && takesGround(device),
			deadFromStart: procedure >= 4,
			witnesses: witnessesOf(house, boxId, circuit.breaker),
			mainSwitch: mainSwitch(mainPanel(house).id),
			facePairs: facePairs(box.id, model.halves, grounded),
			barePairs: barePairs(box, wires, passing, wish !== null),
			...(work && (!work.same || work.candidates.length > 0)
				? suppliesOf(work)
				: suppliesIn(house, box, wires, procedure)),
			passing,
			takeOff,
			putOn,
			resistanceChecks: [
				'hotNeutral',
				...(newGrounded ? (['hotGround'] as const) : []),
				...(newGrounded && work && hasMetalFace(work.ways[0]!.wanted.device!) ? (['pinPlate'] as const) : []),
				// Last, as it is asked by what the box turns out to be made of.
				...(newGrounded && box.material === 'metal' ? (['groundBox'] as const) : [])
			],
			upstream: outletsOf(upstream),
			downstream: outletsOf(downstream),
			recordedBreaker: circuit.breaker,
			breakers: switchable(house),
			together: mustBeOffTogether(house, boxId, circuit.breaker),
			hard: Object.fromEntries(
				switchable(house)
					.map((id) => [id, hardThings(house, id)] as const)
					.filter(([, things]) => things.length > 0)
			),
			unusedTerminals: work
				? []
				: model.terminals
						.filter(({ name, takes }) => 'hook' in takes && !used.has(name))
						.map(({ name }) => name),
			newHalves: work ? deviceModel(work.ways[0]!.wanted.device!).halves : model.halves,
			work
		}
	};
}

const witnessesOf = (house: House, boxId: string, breaker: string): string[] =>
	outletsOf(house.boxes).filter(
		(id) => id !== boxId && circuitsInBox(house, id).some((circuit) => circuit.breaker === breaker)
	);

const endsOnGround = (wiring: Wiring): boolean =>
	deviceModel(wiring.device!).terminals.some(
		({ name, role }) => role === 'ground' && endsAt(wiring, `terminal:${name}`).length > 0
	);

/** What the plate says where there is no ground (us: NEC 406.4(D)(2)). */
function labelsFor(region: Region, boxId: string, verdict: Verdict): readonly PlateLabel[] {
	const rule = withoutGround[region];
	if (!verdict.withoutGround || !rule) return [];
	return verdict.guardedBy === boxId ? rule.itself : rule.behind;
}

const hasBrokenTabs = (device: Device): boolean => Object.values(tabsOf(device) ?? {}).includes(false);

/** A hot and a neutral for every cable that has both on the device; the tails of a spliced box together. */
function baselinesOf(wires: readonly WireRef[]): Baseline[] {
	const groups = [...new Set(wires.map(({ cable }) => cable))];
	return groups.flatMap((cable): Baseline[] => {
		const mine = wires.filter((wire) => wire.cable === cable);
		const hot = mine.find(({ role }) => role === 'hot');
		const neutral = mine.find(({ role }) => role === 'neutral');
		return hot && neutral ? [{ group: cable ?? tailsGroup, hot, neutral }] : [];
	});
}
const tailsGroup = 'tails';

/** Hot to hot, neutral to neutral, ground to ground of the two cables that come to the device; none where they aren’t two. */
function endsOf(wires: readonly WireRef[]): JobPlan['ends'] {
	const [one, other, ...more] = [
		...new Set(wires.flatMap(({ cable, role }) => (cable && role === 'hot' ? [cable] : [])))
	];
	if (one === undefined || other === undefined || more.length > 0) return [];
	const of = (cable: string, role: Role) => wires.find((wire) => wire.cable === cable && wire.role === role);
	return (['hot', 'neutral', 'ground'] as const).flatMap((role) => {
		const [a, b] = [of(one, role), of(other, role)];
		return a && b ? [{ role, a, b }] : [];
	});
}

function whyNot(house: House, box: Box, procedure: number, wish: WishChoice | null): PlanFailure | null {
	if (!box.device) return { code: 'noDevice', box: box.id };
	if (deviceModel(box.device).halves.length === 0) return { code: 'notAnOutlet', box: box.id };
	const circuits = circuitsInBox(house, box.id);
	if (circuits.length === 0) return { code: 'noCircuit', box: box.id };
	const landings = landingsOf(house, box);
	if (procedure >= 2) {
		if (!wish && hasBrokenTabs(box.device)) return { code: 'brokenTabs', box: box.id };
		const apart = mustBeOffTogether(house, box.id, circuits[0]!.breaker).filter(
			({ because }) => because === 'sharedNeutral'
		);
		if (apart.length > 0)
			return {
				code: 'sharedNeutral',
				box: box.id,
				breakers: [circuits[0]!.breaker, ...apart.map(({ breaker }) => breaker)]
			};
	}
	if (!['hot', 'neutral'].every((role) => landings.some((landing) => landing.role === role)))
		return { code: 'nothingOnDevice', box: box.id };
	const hasGround = cablesInBox(house, box.id).some(({ cable }) =>
		cable.conductors.some(({ role }) => role === 'ground')
	);
	const part = wish ? familyOf(wish.part).made(0) : box.device;
	if (!takesGround(part)) return hasGround ? { code: 'groundUnused', box: box.id } : null;
	// What no ground asks of a part is the model’s to judge.
	if (wish) return null;
	if (!landings.some(({ role }) => role === 'ground')) return { code: 'noGround', box: box.id };
	return null;
}

/** Which cable is the supply is asked where the work depends on it. */
const suppliesOf = ({
	candidates,
	ways
}: Work): Pick<JobPlan, 'supplyCables' | 'recordedSupply' | 'onRing'> => ({
	supplyCables: candidates,
	recordedSupply: candidates.length > 0 ? ways[0]!.supply : [],
	onRing: false
});

/** The cables that could feed the device, and those that do as recorded. One cable alone needs no telling. */
function suppliesIn(
	house: House,
	box: Box,
	wires: readonly WireRef[],
	procedure: number
): Pick<JobPlan, 'supplyCables' | 'recordedSupply' | 'onRing'> {
	const onDevice = (cable: string, role: Role) =>
		wires.some((wire) => wire.cable === cable && wire.role === role);
	const ends = cablesInBox(house, box.id).filter(
		({ cable }) =>
			onDevice(cable.id, 'hot') &&
			onDevice(cable.id, 'neutral') &&
			cable.conductors.some(({ role }) => role === 'ground') &&
			!leadsOnBeside(house, box.id, cable)
	);
	const circuits = new Set(ends.map(({ cable }) => cable.circuit));
	const onRing = house.circuits.find(({ id }) => circuits.has(id))?.arrangement === 'ring';
	// On a ring both cables are the supply: nothing to find.
	const nothingToFind = procedure >= 2 && onRing && ringEnds(house, box.id, ends).length === ends.length;
	if (ends.length < 2 || circuits.size > 1 || nothingToFind)
		return { supplyCables: [], recordedSupply: [], onRing: nothingToFind };
	const tested = box.supply && ends.filter(({ cable }) => box.supply!.cables.includes(cable.id));
	const supplies = tested?.length
		? tested
		: onRing
			? ringEnds(house, box.id, ends)
			: ends.filter(({ end }) => end === 'to');
	return {
		supplyCables: ends.map(({ cable }) => cable.id),
		recordedSupply: supplies.map(({ cable }) => cable.id),
		onRing
	};
}

/** On a ring the cables that lead on round to the panel; a spur off it doesn't. */
function ringEnds(house: House, boxId: string, ends: readonly ConductorEnd[]): ConductorEnd[] {
	const reaches = (from: string, first: string): boolean => {
		const seen = new Set([boxId]);
		const queue = [first];
		for (const at of queue) {
			if (at === 'panel') return true;
			if (seen.has(at)) continue;
			seen.add(at);
			for (const { cable } of cablesInBox(house, at))
				if (cable.id !== from)
					queue.push(cable.to.box === at ? ('box' in cable.from ? cable.from.box : 'panel') : cable.to.box);
		}
		return false;
	};
	return ends.filter(({ cable, end }) => {
		const other = end === 'from' ? cable.to.box : 'box' in cable.from ? cable.from.box : 'panel';
		return reaches(cable.id, other);
	});
}

/** Conductor ends of cables that sit on no terminal of the device. */
function passingIn(house: House, box: Box): WireRef[] {
	return cablesInBox(house, box.id).flatMap((end) =>
		end.cable.conductors.flatMap((conductor): WireRef[] => {
			const termination = box.terminations.find(
				({ cable, conductor: id }) => cable === end.cable.id && id === conductor.id
			);
			// Grounds spliced together are one; a ground that is let go could be anything.
			const spliced = conductor.role === 'ground' && termination?.at.startsWith('joint:');
			return termination && terminalOf(termination.at) === null && !spliced
				? [wireAt(end, conductor, termination.how)]
				: [];
		})
	);
}

function wireAt(
	{ cable, end }: ConductorEnd,
	{ id, role, colour }: Conductor,
	how: How | undefined
): WireRef {
	const other = end === 'to' ? cable.from : cable.to;
	return {
		id: `${cable.id}/${id}`,
		role,
		colour,
		cable: cable.id,
		point: points.conductor(cable.id, id, end),
		how: how ?? 'screw',
		comesFrom: 'box' in other ? other.box : 'panel'
	};
}

const switchable = (house: House): string[] =>
	house.panels.flatMap((panel) => [...panel.breakers.map(({ id }) => id), mainSwitch(panel.id)]);

/** The same kind and rating, new: good contacts, tamper-resistant as a dwelling now asks (NEC 406.12; BS 1363 shutters). */
function likeForLike(device: Device, fittingA: readonly number[] | null): Device {
	if (device.kind === 'fixed') return device;
	const { fitted: _worn, ...kept } = device;
	if (kept.kind === 'switch' || kept.kind === 'fusedSpur') return kept;
	// NEC 406.12 lets a like-for-like ungrounded one be as it was.
	return {
		...kept,
		// A rating that doesn't fit the circuit is put right, not copied.
		ratingA: fittingA === null || fittingA.includes(kept.ratingA) ? kept.ratingA : fittingA[0]!,
		contacts: 'good',
		tamperResistant: device.kind === 'twoSlot' ? device.tamperResistant : true
	};
}

/** What makes a part the same again; what wore out, tripped, was broken off or is an older make isn’t. */
const sameIn = ['style', 'weatherResistant', 'switched', 'protection'] as const;

/** The same again as it is sold now, out of its packet; `null` for what isn’t an outlet. */
function soldAgain(device: Device, fittingA: readonly number[]): Device | null {
	const family = familyFor(device);
	if (!family || !('ratingA' in device)) return null;
	// A rating that doesn't fit the circuit is put right, not copied.
	const made = family.made(fittingA.includes(device.ratingA) ? device.ratingA : fittingA[0]!);
	const was: Readonly<Record<string, unknown>> = device;
	const kept = sameIn.filter((key) => key in made && was[key] !== undefined);
	return { ...made, ...Object.fromEntries(kept.map((key) => [key, was[key]])) } as Device;
}

const terminalOf = (at: string): string | null => (at.startsWith('terminal:') ? at.slice(9) : null);
const outletsOf = (boxes: readonly Box[]): string[] =>
	boxes.filter(({ use, device }) => use === 'outlet' && device).map(({ id }) => id);

function landingsOf(house: House, box: Box): Landing[] {
	const ends = new Map(cablesInBox(house, box.id).map((end) => [end.cable.id, end]));
	const onTerminal: { terminal: string; wire: WireRef }[] = [];
	for (const termination of box.terminations) {
		const terminal = terminalOf(termination.at);
		const found = ends.get(termination.cable);
		const conductor = found?.cable.conductors.find(({ id }) => id === termination.conductor);
		if (terminal === null || !found || !conductor) continue;
		onTerminal.push({ terminal, wire: wireAt(found, conductor, termination.how) });
	}
	for (const pigtail of box.pigtails)
		for (const at of [pigtail.from, pigtail.to]) {
			const terminal = terminalOf(at);
			if (terminal === null) continue;
			const { id, role, colour, how } = pigtail;
			onTerminal.push({
				terminal,
				wire: {
					id: `tail/${id}`,
					role,
					colour,
					cable: null,
					point: points.pigtail(box.id, id),
					how: how ?? 'screw',
					comesFrom: null
				}
			});
		}
	const terminals = deviceModel(box.device!).terminals.filter(({ name }) =>
		onTerminal.some(({ terminal }) => terminal === name)
	);
	return terminals.map(({ name, role }) => ({
		terminal: name,
		role,
		wires: onTerminal.filter(({ terminal }) => terminal === name).map(({ wire }) => wire)
	}));
}

const inOrder = (landings: readonly Landing[], roles: readonly Role[]): Landing[] =>
	roles.flatMap((role) => landings.filter((landing) => landing.role === role));
