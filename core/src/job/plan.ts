import {
	beside,
	tabsOf,
	takesGround,
	cablesInBox,
	circuitsInBox,
	deviceModel,
	findBox,
	hasMetalFace,
	hasOutlet,
	findBreaker,
	isBlank,
	mainPanel,
	mainSwitch,
	neighbours,
	type Box,
	type Device,
	type Half,
	type House
} from '../house';
import { regions, withoutGround, type PlateLabel, type Region } from '../rules';
import { endsAt, type Verdict, type Wiring } from '../wiring';
import { apartOnNeutral, hardThings, mustBeOffTogether, type Thing, type Together } from '../isolation';
import { fittingRatingsA, protectionAsked, withoutResidual, type ProtectionAsked } from './asked';
import { barePairs, facePairs, type Pair } from './pairs';
import {
	baselinesOf,
	endsOf,
	inOrder,
	landingsOf,
	passingIn,
	type Baseline,
	type Landing,
	type WireRef
} from './landings';
import { suppliesIn, suppliesOf } from './planSupply';
import { planWork } from './planWork';
import { controlledBy, whyNotPutBack } from './putBack';
import { likeForLike, soldAgain } from './soldAgain';
import type { Found } from './steps/planAnew';
import type { Wished, WishChoice } from './wishSchema';
import { movesThroughout, type ResistanceCheck } from './vocabulary';
import { sameAgain, type Work, type WorkFailure } from './work';
import { familyOf } from '../devices';

export type TerminatingSchool = 'groundFirst' | 'hotFirst' | 'asItCameOff';

/**
 * The way a job goes, by number; a job keeps the one it was begun under.
 * 1: the first. 2: decides on protection before it begins; ratings by breaker and conductors; an alarm at the ground is settled by a reading; hot to neutral is
 * compared with what the cables read by themselves; supply cables by contrast, alive by contactless first; the box's material as seen.
 * 3: something else goes in: what is done at the box is `work`, moves on conductor ends; what the new part adds is tried after.
 * 4: the same again is moves on conductor ends, too; a plug-in tester and a plug before anything is switched off, set beside the final test; an outlet that is dead from the start; what is found otherwise than
 * recorded is planned anew while the job runs.
 * 5: two circuits on one device that share a neutral have to open together, too; a part whose only ground is the metal of its box is joined to that.
 * 6: at an outlet of two slots in a box of metal the screw of its plate is read from a slot, before anything is switched off; a new outlet can go on the end of a cable.
 */
export const currentProcedure = 6;
/** From which on an outlet can go where none was. */
const newWorkPlanned = 6;
/** From which on a box of metal behind two slots is read, too. */
const plateScrewRead = 6;
/** From which procedure on a neutral that is shared on one device counts as shared. */
const neutralOnOneDevice = 5;
/** From which on a part is joined to the metal of its box where that is its only ground. */
const groundOfBox = 5;
/** From which procedure something else can be put in, and from which on both kinds of job have one number. */
export const wishProcedure = 3;

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
	/** At two slots in a box of metal: its plate's screw is read from a slot. `reliedOn`: the new part has its ground from the metal of the box alone. `null`: it isn't read. */
	readonly plateScrew: 'reliedOn' | 'read' | null;
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
	/** Only taken out, read dead with the others of its box, and put back as it is. */
	readonly putBack: boolean;
	/** Nothing was there but the ends of a cable. */
	readonly newWork: boolean;
	/** Of a device without a face to read: the boxes of what it switches, seen lit before and dark after. `null`: it has a face. */
	readonly controls: readonly string[] | null;
	/** What is done at the box, as moves. `null`: nothing, it is put back; or, under an earlier procedure, the same again, landing by landing. */
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
	/** It would be taken out and put back, and nothing else is done in its box. */
	| { readonly code: 'nothingPutIn'; readonly box: string }
	/** Nothing is there yet that the same could be put in for again. */
	| { readonly code: 'nothingFitted'; readonly box: string }
	/** New work is done on one cable, its ends capped. */
	| { readonly code: 'newOneCable'; readonly box: string }
	/** Another device sits in the same box, whose proof this one has no face to be part of. */
	| { readonly code: 'newBeside'; readonly box: string }
	/** No ground comes with the cable: what has none isn’t extended (us: NEC 250.130(C)). */
	| { readonly code: 'newUngrounded'; readonly box: string }
	/** uk: no socket is added to a circuit that nothing guards (BS 7671 411.3.3). */
	| { readonly code: 'newNoResidual'; readonly box: string }
	/** What today’s code asks at this place is asked of a new outlet without exception. */
	| { readonly code: 'newUnguarded'; readonly box: string; readonly asked: ProtectionAsked }
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
	wished: Wished = null,
	same = false
): { ok: true; plan: JobPlan } | { ok: false; failure: PlanFailure } {
	const box = findBox(house, boxId);
	// The same again is the wish in which found and wanted agree but for the part.
	const again = procedure >= movesThroughout && wished === null && box?.device ? sameAgain(box.device) : null;
	const putBack = wished === 'putBack';
	const wish = putBack ? null : (wished ?? again);
	const failure = !box
		? { code: 'unknownBox' as const, box: boxId }
		: putBack
			? whyNotPutBack(house, box)
			: whyNot(house, box, procedure, wish);
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
	const groundByBox = procedure >= groundOfBox;
	const newWork = isBlank(box.device);
	const worked = wish && planWork(house, boxId, wish, ratingA, school, { packet, groundByBox });
	if (worked && !worked.ok) return { ok: false, failure: { ...worked.failure, box: boxId } };
	const work = worked?.work ?? null;
	const device = box.device!;
	const model = deviceModel(device);
	const takeOff = inOrder(landingsOf(house, box), ['hot', 'switchedHot', 'neutral', 'ground']);
	const wires = takeOff.flatMap((landing) => landing.wires);
	const passing = passingIn(house, box);
	const grounded = wires.some(({ role }) => role === 'ground');
	const circuit = circuitsInBox(house, boxId)[0]!;
	const witnesses = witnessesOf(house, boxId, circuit.breaker);
	const controls = newWork ? witnesses.slice(0, 1) : putBack ? controlledBy(house, boxId, device) : null;
	// What is asked is met where the new part guards this place itself.
	const asked =
		procedure >= 2 && !putBack && !work?.verdict.protects.includes(boxId)
			? protectionAsked(house, box)
			: null;
	if (newWork && asked) return { ok: false, failure: { code: 'newUnguarded', box: boxId, asked } };
	// Of a ground behind no face nothing can be read once it is shut.
	const newGrounded = work ? endsOnGround(work.ways[0]!.wanted) : grounded && controls === null;
	const putOn = {
		groundFirst: inOrder(takeOff, ['ground', 'neutral', 'hot', 'switchedHot']),
		hotFirst: takeOff,
		asItCameOff: [...takeOff].reverse()
	}[school];
	const { upstream, downstream } = neighbours(house, boxId);
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
			asked,
			noResidual: procedure >= 2 && code.residualEverywhere && withoutResidual(house, circuit.breaker),
			fittingRatingsA: Object.fromEntries(
				switchable(house)
					.filter((id) => findBreaker(house, id))
					.map((id) => [id, fittingRatingsA(house, boxId, id)])
			),
			brokenTabs: work === null && !putBack && hasBrokenTabs(device),
			// Its wires stay on: there is nothing to read between them.
			baselines: procedure >= 2 && !putBack ? baselinesOf(wires) : [],
			ends: procedure >= 4 && !putBack && custom.ring !== null ? endsOf(wires) : [],
			mayBeRing: procedure >= 2 && !putBack && custom.ring !== null,
			oldDevice: device,
			newDevice: work
				? work.ways[0]!.wanted.device!
				: putBack
					? device
					: likeForLike(device, procedure >= 2 ? fittingRatingsA(house, boxId, circuit.breaker) : null),
			grounded,
			newGrounded,
			labels: work ? labelsFor(house.region, boxId, work.verdict) : [],
			metalBox: box.material === 'metal',
			separatePlate: custom.plateApart,
			halves: model.halves,
			asFound: procedure >= 4 && grounded && takesGround(device) && model.halves.length > 0,
			deadFromStart: procedure >= 4,
			plateScrew:
				procedure >= plateScrewRead &&
				custom.plateApart &&
				box.material === 'metal' &&
				model.halves.length > 0 &&
				!takesGround(device)
					? newGrounded && !hasGroundWire(house, boxId)
						? 'reliedOn'
						: 'read'
					: null,
			witnesses,
			mainSwitch: mainSwitch(mainPanel(house).id),
			facePairs: facePairs(box.id, model.halves, grounded),
			barePairs: barePairs(box, wires, passing, wish !== null || putBack),
			...(putBack
				? { supplyCables: [], recordedSupply: [], onRing: false }
				: work && (!work.same || work.candidates.length > 0)
					? suppliesOf(work)
					: suppliesIn(house, box, wires, procedure)),
			passing,
			takeOff,
			putOn,
			resistanceChecks: [
				// Whatever else is on the circuit lies across a pair whose wires never came off.
				...(putBack ? [] : (['hotNeutral'] as const)),
				...(newGrounded ? (['hotGround'] as const) : []),
				...(newGrounded && work && hasMetalFace(work.ways[0]!.wanted.device!) ? (['pinPlate'] as const) : []),
				// Last, as it is asked by what the box turns out to be made of.
				...(newGrounded && box.material === 'metal' ? (['groundBox'] as const) : [])
			],
			// Nothing that leads on is touched where it is put back.
			upstream: putBack ? [] : outletsOf(upstream),
			downstream: putBack ? [] : outletsOf(downstream),
			recordedBreaker: circuit.breaker,
			breakers: switchable(house),
			together: mustBeOffTogether(house, boxId, circuit.breaker),
			hard: Object.fromEntries(
				switchable(house)
					.map((id) => [id, hardThings(house, id)] as const)
					.filter(([, things]) => things.length > 0)
			),
			unusedTerminals:
				work || putBack
					? []
					: model.terminals
							.filter(({ name, takes }) => 'hook' in takes && !used.has(name))
							.map(({ name }) => name),
			newHalves: work ? deviceModel(work.ways[0]!.wanted.device!).halves : model.halves,
			putBack,
			newWork,
			controls,
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

function whyNot(house: House, box: Box, procedure: number, wish: WishChoice | null): PlanFailure | null {
	if (!box.device) return { code: 'noDevice', box: box.id };
	const newWork = isBlank(box.device);
	if (newWork && !wish) return { code: 'nothingFitted', box: box.id };
	if (newWork ? procedure < newWorkPlanned : deviceModel(box.device).halves.length === 0)
		return { code: 'notAnOutlet', box: box.id };
	const circuits = circuitsInBox(house, box.id);
	if (circuits.length === 0) return { code: 'noCircuit', box: box.id };
	const notNew = newWork ? whyNotNew(house, box, circuits[0]!.breaker) : null;
	if (notNew) return notNew;
	const landings = landingsOf(house, box);
	if (procedure >= 2) {
		if (!wish && hasBrokenTabs(box.device)) return { code: 'brokenTabs', box: box.id };
		const apart =
			procedure >= neutralOnOneDevice
				? apartOnNeutral(house, box.id, circuits[0]!.breaker)
				: mustBeOffTogether(house, box.id, circuits[0]!.breaker).flatMap(({ breaker, because }) =>
						because === 'sharedNeutral' ? [breaker] : []
					);
		if (apart.length > 0)
			return {
				code: 'sharedNeutral',
				box: box.id,
				breakers: [circuits[0]!.breaker, ...apart]
			};
	}
	if (!['hot', 'neutral'].every((role) => landings.some((landing) => landing.role === role)))
		return { code: 'nothingOnDevice', box: box.id };
	const hasGround = hasGroundWire(house, box.id);
	const part = wish ? familyOf(wish.part).made(0) : box.device;
	if (!takesGround(part)) return hasGround ? { code: 'groundUnused', box: box.id } : null;
	// What no ground asks of a part is the model’s to judge.
	if (wish) return null;
	if (!landings.some(({ role }) => role === 'ground')) return { code: 'noGround', box: box.id };
	return null;
}

/** What a new outlet needs, over what one that is replaced has already. */
function whyNotNew(house: House, box: Box, breaker: string): PlanFailure | null {
	if (beside(house, box.id).length > 0) return { code: 'newBeside', box: box.id };
	if (cablesInBox(house, box.id).length !== 1) return { code: 'newOneCable', box: box.id };
	if (!hasGroundWire(house, box.id)) return { code: 'newUngrounded', box: box.id };
	const { residualEverywhere } = regions[house.region].code;
	return residualEverywhere && withoutResidual(house, breaker)
		? { code: 'newNoResidual', box: box.id }
		: null;
}

const hasGroundWire = (house: House, boxId: string): boolean =>
	cablesInBox(house, boxId).some(({ cable }) => cable.conductors.some(({ role }) => role === 'ground'));

const switchable = (house: House): string[] =>
	house.panels.flatMap((panel) => [...panel.breakers.map(({ id }) => id), mainSwitch(panel.id)]);

const outletsOf = (boxes: readonly Box[]): string[] => boxes.filter(hasOutlet).map(({ id }) => id);
