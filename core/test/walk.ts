import type { VoltReading } from '../src/isolation';
import { tools } from './person';
import {
	applyEvent,
	checkId,
	conditions,
	confirmedSteps,
	decide,
	handMoves,
	pairsToRead,
	initialJob,
	soundLamps,
	type Answer,
	type Command,
	type Condition,
	type Expectations,
	type JobEvent,
	type JobPlan,
	type JobState
} from '../src/job';

/** Readings abstracted to their bands; the procedure sees no more of them than that. */
const meter = (volts: number, mode: 'highImpedance' | 'lowImpedance' = 'highImpedance'): VoltReading => ({
	instrument: 'multimeter',
	volts,
	mode
});
const dead = meter(0.2);
const unresolved = meter(20);
const live = meter(120);
const drained = meter(0.1, 'lowImpedance');
const fedThrough = meter(20, 'lowImpedance');

export const expectations: Expectations = {
	liveV: () => 120,
	liveGroundV: () => 120,
	plateScrewV: () => 0,
	neutralEarthV: () => 0,
	earthV: () => 120,
	pairV: () => 0,
	liveSources: (sources) => new Set(sources),
	sourceV: () => 120,
	baselineOhm: () => null,
	endsOhm: () => 0.4,
	autopsy: () => ({ hotNeutralOhm: null, hotGroundOhm: null, throughOhm: 0.2 }),
	supplyOhm: (is) => (is === 'supply' ? 0.5 : null),
	supplyV: (is) => (is === 'supply' ? 120 : 0),
	resistanceOhm: (check) => (check === 'groundBox' || check === 'pinPlate' ? 0.3 : null),
	lamps: () => soundLamps,
	loaded: (_half, watts) => ({ watts, offV: 120, onV: 116, neutralGroundV: 2 })
};

const answers = (yes: Partial<Record<Condition, Answer>>) =>
	Object.fromEntries(conditions.map((condition) => [condition, yes[condition] ?? 'no'])) as Record<
		Condition,
		Answer
	>;

const noLamps = { hotNeutral: false, hotGround: false, neutralGround: false };

/** Everything a person could say, in every band, whatever the state: the procedure has to refuse what doesn't belong. */
export function everyCommand(plan: JobPlan): Command[] {
	const toEarth = pairsToRead(plan, { source: null });
	const pairs = [...new Set([...toEarth.face, ...toEarth.bare].map(({ id }) => id)), 'found/extra~ground'];
	const part = {
		ratingA: 'ratingA' in plan.newDevice ? plan.newDevice.ratingA : 0,
		tamperResistant: true,
		sameKind: true,
		grounded: true,
		undamaged: true
	};
	const both = [true, false];
	const breakers = [
		plan.recordedBreaker,
		plan.witnesses.length > 0 ? plan.mainSwitch : plan.breakers.find((id) => id !== plan.recordedBreaker)!
	];
	return [
		...confirmedSteps.map((step): Command => ({ kind: 'confirm', step })),
		{ kind: 'checkTools', tester: 'multimeter', has: tools },
		// Without a tester yet: the same way in every plan, walked where the plan is smallest.
		...(plan.grounded ? [] : [{ kind: 'checkTools', tester: 'none', has: ['lamp', ...tools] } as const]),
		...both.map((grounded): Command => ({ kind: 'checkPart', answers: { ...part, grounded } })),
		...plan.halves.flatMap((half) =>
			[live, dead].map((reading): Command => ({ kind: 'readLive', half, reading }))
		),
		...[true, false].map((lit): Command => ({
			kind: 'readLive',
			half: plan.halves[0]!,
			reading: { instrument: 'lamp', lit }
		})),
		...(plan.asFound ? plan.halves : []).map((half): Command => ({
			kind: 'readAsFound',
			half,
			lamps: soundLamps,
			holds: true
		})),
		...(plan.witnesses.length > 0 ? [...new Set([...plan.halves, ...plan.newHalves])] : []).flatMap((half) =>
			[...plan.witnesses.slice(0, 1), null].map((witness): Command => ({
				kind: 'deadFromStart',
				half,
				witness
			}))
		),
		...plan.witnesses
			.slice(0, 1)
			.flatMap((box) => both.map((lit): Command => ({ kind: 'readWitness', box, lit }))),
		...(plan.controls === null ? [] : (['on', 'off', 'after'] as const)).flatMap((when) =>
			both.map((lit): Command => ({ kind: 'seeControlled', when, lit }))
		),
		...[true, false].flatMap((lit): Command[] => [
			{
				kind: 'readLiveGround',
				half: plan.halves[0]!,
				reading: { instrument: 'plugTester', lit },
				touchless: 'silent'
			},
			{ kind: 'proveEarth', source: 'outlet:elsewhere', reading: { instrument: 'plugTester', lit } }
		]),
		{
			kind: 'readLiveGround',
			half: plan.halves[0]!,
			reading: { instrument: 'plugTester', lit: true },
			touchless: 'alarms'
		},
		...(plan.plateScrew === null ? [] : ([0, 120] as const)).map((litV): Command => ({
			kind: 'readPlateScrew',
			half: plan.halves[0]!,
			reading: { instrument: 'indicator', litV }
		})),
		...breakers.flatMap((breaker) =>
			(plan.hard[breaker] ?? []).map(({ id }): Command => ({
				kind: 'arranged',
				thing: id,
				how: 'its own battery'
			}))
		),
		...breakers.flatMap((breaker) => both.map((on): Command => ({ kind: 'switchBreaker', breaker, on }))),
		{ kind: 'hold', way: 'padlock' },
		{ kind: 'hold', way: 'tape' },
		...(['before', 'after'] as const).flatMap((when) =>
			[live, dead].map((reading): Command => ({ kind: 'proveTester', when, source: 'provingUnit', reading }))
		),
		...pairs.flatMap((pair) =>
			[dead, unresolved, live, drained, fedThrough].map((reading): Command => ({
				kind: 'readPair',
				pair,
				reading
			}))
		),
		...both.map((asRecorded): Command => ({ kind: 'lookOver', asRecorded, landings: [], note: '' })),
		...(['passing', 'onDevice'] as const).map((where): Command => ({
			kind: 'foundConductor',
			id: 'extra',
			colour: 'red',
			where
		})),
		{ kind: 'inspect', answers: answers({}), note: '' },
		{ kind: 'inspect', answers: answers({ scorchIntoWall: 'yes' }), note: '' },
		...plan.takeOff.flatMap(({ terminal }): Command[] => [
			{ kind: 'takeOff', terminal },
			...(['clampPlate', 'hook', 'pillar'] as const).map((way): Command => ({
				kind: 'terminate',
				from: terminal,
				terminal,
				way
			})),
			{ kind: 'tug', terminal, held: true },
			{ kind: 'tug', terminal, held: false }
		]),
		...[...new Set((plan.work?.ways ?? []).flatMap((way) => handMoves(way).map(({ id }) => id)))].flatMap(
			(move) => both.map((held): Command => ({ kind: 'move', move, held }))
		),
		...(plan.work ? ['reset', ...plan.work.checks.map(checkId)] : []).flatMap((check) =>
			both.map((passes): Command => ({ kind: 'checkWork', check, passes }))
		),
		...(['dead', 'live', 'device', 'skip'] as const).map((way): Command => ({ kind: 'supplyWay', way })),
		...plan.supplyCables.flatMap((cable): Command[] => [
			...[
				{ kind: 'overload' as const },
				...[0.5, 40].map((resistanceOhm) => ({ kind: 'ohms' as const, resistanceOhm }))
			].map((value): Command => ({ kind: 'readSupplyOhms', cable, value })),
			...both.map((alarms): Command => ({ kind: 'touchSupply', cable, alarms })),
			...both.map((resets): Command => ({ kind: 'trySupply', cable, resets })),
			{ kind: 'readSupplyVolts', cable, hotNeutral: live, hotGround: live },
			{ kind: 'readSupplyVolts', cable, hotNeutral: dead, hotGround: dead },
			{ kind: 'readSupplyVolts', cable, hotNeutral: live, hotGround: dead }
		]),
		...plan.baselines.map(({ group }): Command => ({
			kind: 'readBaseline',
			group,
			value: { kind: 'overload' }
		})),
		...plan.ends.map(({ role }): Command => ({
			kind: 'readEnds',
			role,
			value: { kind: 'ohms', resistanceOhm: 0.4 }
		})),
		...plan.ends
			.slice(0, 1)
			.map(({ role }): Command => ({ kind: 'readEnds', role, value: { kind: 'overload' } })),
		...[dead, unresolved, live, drained].map((reading): Command => ({
			kind: 'readGroundEarth',
			half: plan.halves[0]!,
			reading
		})),
		{ kind: 'decideProtection', decision: 'sameAgain' },
		{ kind: 'cap' },
		{ kind: 'reopen' },
		...plan.resistanceChecks.flatMap((check) =>
			[{ kind: 'overload' as const }, { kind: 'ohms' as const, resistanceOhm: 0.4 }].map(
				(value): Command => ({
					kind: 'readOhms',
					check,
					value
				})
			)
		),
		...both.map((held): Command => ({ kind: 'restorePower', held })),
		...plan.newHalves.flatMap((half) =>
			[soundLamps, { ...soundLamps, hotGround: false }, ...(plan.witnesses.length > 0 ? [noLamps] : [])].map(
				(lamps): Command => ({
					kind: 'readPlug',
					half,
					lamps
				})
			)
		),
		...(plan.grounded ? [] : plan.halves).flatMap((half) =>
			[dead, live].map((neutralEarth): Command => ({
				kind: 'readOutlet',
				half,
				hotNeutral: live,
				neutralEarth
			}))
		),
		...[...plan.upstream, ...plan.downstream].flatMap((box) =>
			both.map((works): Command => ({ kind: 'checkNeighbour', box, works }))
		),
		...[true, false].map((sound): Command => ({
			kind: 'readLoaded',
			half: plan.newHalves[0]!,
			read: { kind: 'volts', watts: 1500, offV: 120, onV: sound ? 116 : 100, neutralGroundV: 2 }
		})),
		{
			kind: 'readLoaded',
			half: plan.newHalves[0]!,
			read: { kind: 'left', because: 'noLoad' }
		},
		...plan.newHalves.flatMap((half) => both.map((holds): Command => ({ kind: 'grip', half, holds }))),
		{ kind: 'tidyDirectory', label: 'sewing room' },
		...(['powerSeen', 'foundUnlocked', 'wasAway', 'otherBoxOpened'] as const).map((what): Command => ({
			kind: 'changed',
			what
		})),
		{ kind: 'stop', reason: 'ownChoice', note: '' },
		{ kind: 'finish' }
	];
}

/** A short name for a part of a state, worked out once for each object: most moves leave most parts as they were. */
function namer<Part extends object>(text: (part: Part) => string): (part: Part) => number {
	const names = new Map<string, number>();
	const known = new WeakMap<Part, number>();
	return (part) => {
		const before = known.get(part);
		if (before !== undefined) return before;
		const says = text(part);
		const name = names.get(says) ?? names.size;
		names.set(says, name);
		known.set(part, name);
		return name;
	};
}
const marks = namer((record: object) =>
	Object.entries(record)
		.map(([key, value]) => `${key}=${value}`)
		.sort()
		.join()
);
const listed = namer((items: readonly string[]) => [...items].sort().join());
const keysOf = namer((record: object) => Object.keys(record).sort().join());
const isolationName = namer((i: JobState['isolation']) =>
	[
		i.power,
		listed(i.off),
		i.hold,
		i.areaClear,
		i.closed,
		// Why there is a doubt is for people; what lifts it is what follows.
		i.doubt?.until,
		i.proof.scope,
		i.proof.required.length,
		i.proof.before && 1,
		i.proof.required.map((pair) => i.proof.pairs[pair]?.band[0] ?? '-').join(''),
		i.proof.after && 1,
		i.besideProven
	].join()
);
const supplyName = namer((supply: JobState['supply']) => supplyKey(supply));

/** What of a state decides what can follow: times, ids, notes and which instrument showed a band are left out. */
export function keyOf(state: JobState): string {
	return [
		state.status,
		isolationName(state.isolation),
		state.cautions,
		typeof state.earth === 'object' ? `known${state.earth.source !== null}` : state.earth,
		listed(state.arranged),
		state.decided,
		state.groundAlarm && marks(state.groundAlarm),
		keysOf(state.asFound),
		listed(state.notLive),
		// One half that is lit stands for the other.
		Object.values(state.face).includes('live') ? 'live' : marks(state.face),
		listed(state.unseen),
		// What it was proven dead with is asked for where it is opened again.
		state.device === 'oldSeated' ? '' : listed(state.provenWith),
		state.witness && (state.witness.dark ? 'dark' : 'watched'),
		JSON.stringify(state.controlled),
		keysOf(state.baseline),
		marks(state.ends),
		state.nothingLeft,
		state.loaded,
		state.tester,
		state.part,
		marks(state.live),
		state.boxLit,
		state.tagged,
		state.told,
		state.plate,
		state.device,
		state.lookedOver,
		state.inspected,
		state.sheath,
		marks(state.stops),
		supplyName(state.supply),
		marks(state.wires),
		marks(state.moved),
		marks(state.checks),
		marks(state.closing),
		marks(state.resistance),
		marks(state.final),
		marks(state.neighbours),
		marks(state.grip),
		state.closedUp,
		state.redo && (state.redo === 'grip' ? 'newPart' : 'reopen'),
		state.directory,
		state.found.length
	].join('|');
}

/** Once the supply cable is known, or left, nothing that follows depends on which it is. */
const supplyKey = (supply: JobState['supply']): string =>
	supply.marked || supply.outcome === 'skipped'
		? `settled ${supply.found.join()}`
		: `${
				supply.outcome ??
				[
					supply.way,
					...[supply.verdicts, supply.ohms, supply.touched, supply.resets].map((each) =>
						JSON.stringify(each)
					),
					supply.spread
				].join()
			} ${supply.trial && JSON.stringify(supply.trial)}`;

export interface Walked {
	readonly states: readonly JobState[];
	/** For each accepted command: state number before, command, state number after. */
	readonly moves: { readonly from: Int32Array; readonly command: Int32Array; readonly to: Int32Array };
	readonly commands: readonly Command[];
	readonly moveCount: number;
	readonly refused: number;
}

/** Walks every state that any sequence of commands can reach, trying every command in each. */
export function walk(plan: JobPlan): Walked {
	const commands = everyCommand(plan);
	const numbers = new Map<string, number>();
	const states: JobState[] = [];
	const from: number[] = [];
	const chosen: number[] = [];
	const to: number[] = [];
	let refused = 0;
	const numberOf = (state: JobState): number => {
		const key = keyOf(state);
		const known = numbers.get(key);
		if (known !== undefined) return known;
		numbers.set(key, states.length);
		return states.push(state) - 1;
	};
	numberOf(initialJob(plan));
	const context = { plan, expect: expectations, find: () => undefined };
	for (let at = 0; at < states.length; at++)
		for (let c = 0; c < commands.length; c++) {
			const decision = decide(context, states[at]!, commands[c]!);
			if (!decision.ok) {
				refused++;
				continue;
			}
			const event: JobEvent = {
				id: `e${c}`,
				at: '',
				body: decision.body,
				...(decision.judged ? { judged: decision.judged } : {})
			};
			from.push(at);
			chosen.push(c);
			to.push(numberOf(applyEvent(plan, states[at]!, event)));
		}
	return {
		states,
		commands,
		refused,
		moveCount: to.length,
		moves: { from: Int32Array.from(from), command: Int32Array.from(chosen), to: Int32Array.from(to) }
	};
}

/** For each state, whether one of the wanted states can be reached from it. */
export function canReach(
	{ states, moves, moveCount }: Walked,
	wanted: (state: JobState) => boolean
): Uint8Array {
	const before: number[][] = states.map(() => []);
	for (let m = 0; m < moveCount; m++) before[moves.to[m]!]!.push(moves.from[m]!);
	const reaches = new Uint8Array(states.length);
	const queue = states.flatMap((state, k) => (wanted(state) ? [k] : []));
	for (const k of queue) reaches[k] = 1;
	for (let head = 0; head < queue.length; head++)
		for (const earlier of before[queue[head]!]!)
			if (!reaches[earlier]) {
				reaches[earlier] = 1;
				queue.push(earlier);
			}
	return reaches;
}
