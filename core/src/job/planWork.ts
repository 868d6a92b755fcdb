import { pressTester } from '../bench/device';
import { familyOf } from '../devices';
import { readVoltageV } from '../instruments';
import {
	tabsOf,
	withTripped,
	allBreakers,
	cablesInBox,
	deviceModel,
	findBox,
	hasOutlet,
	leadsOnBeside,
	points,
	type Device,
	type Half,
	withBreakers,
	type House,
	type Role
} from '../house';
import {
	asRecorded,
	endsAt,
	moves,
	netsOf,
	promised,
	rolesIn,
	verdict,
	wanted,
	wiredAs,
	type OrderSchool,
	type Verdict,
	type Wiring,
	type Wish,
	type WishRefusal
} from '../wiring';
import type { WishChoice } from './wishSchema';
import type { ProtectionCheck, Work, WorkFailure, WorkWay } from './work';

/** How a wish is taken. */
interface Taking {
	/** What was there again, as it is sold now; `null`: any of the family that is wished for. */
	readonly packet: Device | null;
	/** Whether the metal of the box may be the part’s ground. */
	readonly groundByBox: boolean;
}

/** The wish with its part as it comes out of the packet. */
const asWish = (
	choice: WishChoice,
	{ packet, groundByBox }: Taking,
	ratingA: number,
	supply: readonly string[]
): Wish => ({
	device: packet ?? familyOf(choice.part).made(ratingA),
	feed: choice.feed,
	switched: choice.switched,
	supply,
	wireEnd: choice.wireEnd,
	connector: choice.connector,
	groundByBox
});

/** Plans the work for a wish, and has the model judge it. `ratingA`: of the new part. */
export function planWork(
	house: House,
	boxId: string,
	choice: WishChoice,
	ratingA: number,
	school: OrderSchool,
	taking: Taking = { packet: null, groundByBox: true }
): { ok: true; work: Work } | { ok: false; failure: WorkFailure } {
	const family = familyOf(choice.part);
	if (family.region !== house.region)
		return { ok: false, failure: { code: 'notSoldHere', part: choice.part } };
	const found = asRecorded(house, boxId);
	const feeding = feedingCables(house, boxId, found);
	const recorded = recordedSupply(house, boxId, feeding);
	const first = wayFor(house, boxId, choice, taking, ratingA, recorded, found, school);
	if ('code' in first) return { ok: false, failure: { code: 'wish', refusal: first } };
	// Whatever goes on a load side depends on which cable is the supply, however it was found to sit.
	const depends = feeding.length > 1 && usesLoad(first.wanted);
	const promise = promised(house, boxId, choice);
	const said = verdict(house, boxId, first.wanted, promise);
	if (!said.passes) return { ok: false, failure: { code: 'planFails', verdict: said } };
	const others = depends ? feeding.filter((cable) => !recorded.includes(cable)) : [];
	const ways = others.flatMap((cable) => {
		const way = wayFor(
			house,
			boxId,
			{ ...choice, feed: 'protected' },
			taking,
			ratingA,
			[cable],
			found,
			school
		);
		return 'code' in way ? [] : [way];
	});
	return {
		ok: true,
		work: {
			wish: choice,
			same: taking.packet !== null,
			found,
			ways: [first, ...ways],
			checks: checksOf(house, boxId, first.wanted, said, promise.switched),
			verdict: said,
			candidates: depends ? feeding : []
		}
	};
}

const usesLoad = (wiring: Wiring): boolean =>
	wiring.device !== undefined &&
	deviceModel(wiring.device).terminals.some(
		({ name, side }) => side === 'load' && endsAt(wiring, `terminal:${name}`).length > 0
	);

function wayFor(
	house: House,
	boxId: string,
	choice: WishChoice,
	taking: Taking,
	ratingA: number,
	supply: readonly string[],
	found: Wiring,
	school: OrderSchool
): WorkWay | WishRefusal {
	const made = wanted(house, boxId, asWish(choice, taking, ratingA, supply), found);
	if (!made.ok) return made.refusal;
	const roleOf = rolesIn(house, boxId, [found, made.wiring]);
	return { supply, wanted: made.wiring, moves: moves(found, made.wiring, roleOf, school) };
}

/** Cables whose hot and neutral both lead to the device, straight or through a joint, and that have a ground to read against. */
function feedingCables(house: House, boxId: string, found: Wiring): string[] {
	const nets = netsOf(house, boxId, found).filter(({ terminals }) => terminals.length > 0);
	const of = (role: Role) =>
		new Set(nets.filter((net) => net.role === role).flatMap(({ ends }) => ends.map(({ cable }) => cable)));
	const [hot, neutral] = [of('hot'), of('neutral')];
	return cablesInBox(house, boxId)
		.map(({ cable }) => cable)
		.filter(({ id }) => hot.has(id) && neutral.has(id))
		.filter((cable) => !leadsOnBeside(house, boxId, cable))
		.map(({ id }) => id);
}

/** Which of them feed the box by the record: found by a test, or as the cables run. */
function recordedSupply(house: House, boxId: string, feeding: readonly string[]): string[] {
	const tested = findBox(house, boxId)?.supply?.cables.filter((cable) => feeding.includes(cable)) ?? [];
	if (tested.length > 0) return tested;
	return cablesInBox(house, boxId).flatMap(({ cable, end }) =>
		end === 'to' && feeding.includes(cable.id) ? [cable.id] : []
	);
}

function checksOf(
	house: House,
	boxId: string,
	wiring: Wiring,
	{ protects }: Verdict,
	switched: readonly string[]
): ProtectionCheck[] {
	const { device } = wiring;
	const residual = device !== undefined && deviceModel(device).protection?.kind === 'residual';
	const halves = device && tabsOf(device)?.hot === false ? deviceModel(device).halves : [];
	const after = protects.filter((box) => box !== boxId);
	const besides = residual ? nextOutlets(house, boxId).filter((box) => !after.includes(box)) : [];
	return [
		...(residual
			? ([
					{ check: 'button' },
					...after.map((box) => ({ check: 'dark' as const, box })),
					...besides.map((box) => ({ check: 'stays' as const, box })),
					{ check: 'resetAgain' },
					...(testerOpens(house, boxId, wiring)
						? ([{ check: 'tester' }, { check: 'resetLast' }] as const)
						: [])
				] as const)
			: []),
		...betweenHots(house, boxId, wiring, switched.length === 0 ? halves : []),
		...(switched.length > 0
			? halves.map((half) => ({
					check: switched.includes(half) ? ('switchDark' as const) : ('switchStays' as const),
					half
				}))
			: [])
	];
}

/** Two circuits on one yoke, each with its half: what is read from hot to hot. */
function betweenHots(
	house: House,
	boxId: string,
	wiring: Wiring,
	halves: readonly Half[]
): ProtectionCheck[] {
	const [upper, lower] = halves;
	if (upper === undefined || lower === undefined) return [];
	const set = wiredAs(house, boxId, wiring);
	const on = withBreakers(set, Object.fromEntries(allBreakers(set).map(({ id }) => [id, true])));
	const probes = { red: points.contact(boxId, upper, 'hot'), black: points.contact(boxId, lower, 'hot') };
	return [{ check: 'betweenHots', volts: Math.round(readVoltageV(on, probes, 'highImpedance')) }];
}

/** Whether a plug-in tester’s button sends enough to open it: it needs a ground, and on 30 mA its 15 mA do nothing. */
function testerOpens(house: House, boxId: string, wiring: Wiring): boolean {
	const { device } = wiring;
	if (!device || deviceModel(device).protection?.kind !== 'residual') return false;
	const set = wiredAs(house, boxId, { ...wiring, device: withTripped(device, false) });
	const on = withBreakers(set, Object.fromEntries(allBreakers(set).map(({ id }) => [id, true])));
	const half = deviceModel(device).halves[0]!;
	return pressTester(on, boxId, half).trips.some((trip) => trip.device === boxId);
}

/** Outlets at the other ends of this box’s cables, away from the panel. */
const nextOutlets = (house: House, boxId: string): string[] =>
	cablesInBox(house, boxId).flatMap(({ cable, end }) => {
		const next = end === 'from' ? findBox(house, cable.to.box) : undefined;
		return next && hasOutlet(next) ? [next.id] : [];
	});
