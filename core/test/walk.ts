import { energyOf, type VoltReading } from '../src/isolation';
import { tools } from './person';
import {
	applyEvent,
	checkId,
	conditions,
	confirmedSteps,
	decide,
	foundPairs,
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
	const pairs = [
		...new Set([...toEarth.face, ...toEarth.bare].map(({ id }) => id)),
		...foundPairs(plan, 'extra')
	];
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
		...plan.takeOff.map(({ terminal }): Command => ({ kind: 'takeOff', terminal })),
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

/** A short name for what a text says: the same text, the same name. */
function namer<Said>(text: (said: Said) => string): (said: Said) => number {
	const names = new Map<string, number>();
	return (said) => {
		const says = text(said);
		const name = names.get(says) ?? names.size;
		names.set(says, name);
		return name;
	};
}
const marks = (record: object): string =>
	Object.entries(record)
		.map(([key, value]) => `${key}=${value}`)
		.sort()
		.join();
const listed = (items: readonly string[]): string => [...items].sort().join();
const keysOf = (record: object): string => Object.keys(record).sort().join();

interface Group {
	readonly parts: readonly (keyof JobState)[];
	readonly name: (state: JobState) => number;
}
/** Parts of a state that are named together: one name for as long as each of them is the very same. */
const group = <Part extends keyof JobState>(
	parts: readonly Part[],
	says: (state: Pick<JobState, Part>) => readonly unknown[]
): Group => ({ parts, name: namer((state: JobState) => says(state).join('|')) });

/** What of a state decides what can follow: times, ids, notes and which instrument showed a band are left out. */
const groups: readonly Group[] = [
	group(['isolation'], ({ isolation: i }) => [
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
	]),
	// What it was proven dead with is asked for in a shut box, and is written anew by the proof that comes before it is shut again.
	group(['device', 'provenWith', 'supply', 'isolation'], ({ device, provenWith, supply, isolation }) => [
		device,
		device === 'newSeated' || supply.trial?.inWall === true || energyOf(isolation) === 'provenDead'
			? listed(provenWith)
			: ''
	]),
	group(['status', 'stops', 'closedUp', 'redo', 'tagged', 'found', 'told'], (state) => [
		state.status,
		marks(state.stops),
		state.closedUp,
		state.redo && (state.redo === 'grip' ? 'newPart' : 'reopen'),
		state.tagged,
		state.found.length,
		state.told
	]),
	group(['supply'], ({ supply }) => [supplyKey(supply)]),
	group(['moved'], ({ moved }) => [marks(moved)]),
	group(
		['wires', 'checks', 'closing', 'resistance', 'sheath', 'baseline', 'ends', 'nothingLeft'],
		(state) => [
			marks(state.wires),
			marks(state.checks),
			marks(state.closing),
			marks(state.resistance),
			state.sheath,
			keysOf(state.baseline),
			marks(state.ends),
			state.nothingLeft
		]
	),
	group(
		['cautions', 'tester', 'part', 'decided', 'arranged', 'asFound', 'plate', 'lookedOver', 'inspected'],
		(state) => [
			state.cautions,
			state.tester,
			state.part,
			state.decided,
			listed(state.arranged),
			keysOf(state.asFound),
			state.plate,
			state.lookedOver,
			state.inspected
		]
	),
	group(
		['earth', 'groundAlarm', 'notLive', 'face', 'unseen', 'witness', 'controlled', 'live', 'boxLit'],
		(state) => [
			typeof state.earth === 'object' ? `known${state.earth.source !== null}` : state.earth,
			// An alarm that is settled asks for nothing more.
			state.groundAlarm === null || state.groundAlarm.settled ? '' : marks(state.groundAlarm),
			listed(state.notLive),
			// One half that is lit stands for the other.
			Object.values(state.face).includes('live') ? 'live' : marks(state.face),
			listed(state.unseen),
			state.witness && (state.witness.dark ? 'dark' : 'watched'),
			JSON.stringify(state.controlled),
			marks(state.live),
			state.boxLit
		]
	),
	group(['loaded', 'final', 'neighbours', 'grip', 'directory'], (state) => [
		state.loaded,
		marks(state.final),
		marks(state.neighbours),
		marks(state.grip),
		state.directory
	])
];

/** A state with the names of its groups, and the key they make. */
export interface Named {
	readonly state: JobState;
	readonly names: readonly number[];
	readonly key: string;
}
/** Names a state; what it has in common with the one before it keeps its name. */
export function named(state: JobState, before?: Named): Named {
	const names = groups.map(({ parts, name }, at) =>
		before && parts.every((part) => state[part] === before.state[part]) ? before.names[at]! : name(state)
	);
	return { state, names, key: names.join() };
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
	const states: Named[] = [];
	const from: number[] = [];
	const chosen: number[] = [];
	const to: number[] = [];
	let refused = 0;
	const numberOf = (state: JobState, before?: Named): number => {
		const one = named(state, before);
		const known = numbers.get(one.key);
		if (known !== undefined) return known;
		numbers.set(one.key, states.length);
		return states.push(one) - 1;
	};
	numberOf(initialJob(plan));
	const context = { plan, expect: expectations, find: () => undefined };
	for (let at = 0; at < states.length; at++) {
		const before = states[at]!;
		for (let c = 0; c < commands.length; c++) {
			const decision = decide(context, before.state, commands[c]!);
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
			to.push(numberOf(applyEvent(plan, before.state, event), before));
		}
	}
	return {
		states: states.map(({ state }) => state),
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
