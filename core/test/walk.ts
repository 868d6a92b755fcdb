import { regions } from '../src/rules';
import { energyOf, type VoltReading } from '../src/isolation';
import { defaultSettings } from '../src/search';
import { decide } from './oneBox';
import { tools } from './person';
import {
	countsOn,
	applyEvent,
	checkId,
	conditions,
	confirmedSteps,
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
const dead = meter(0.02);
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
	// The lead's end is one source among others.
	sourceV: (source) => (source === 'lead' ? null : 120),
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

/** Commands of a kind that are tried in every state; or the walk that tries them, where one box by itself can’t have them. */
type Tried<Kind extends Command['kind']> =
	| ((plan: JobPlan) => readonly Extract<Command, { kind: Kind }>[])
	/** What it needs that one box by itself hasn’t got. */
	| { readonly walkedIn: string; readonly because: string };

const both = [true, false] as const;
const firstHalf = ({ halves }: JobPlan) => halves[0]!;
/** Every pair that may have to be read: as planned, to a known earth, and of a conductor that comes to light. */
function everyPair(plan: JobPlan): string[] {
	const toEarth = pairsToRead(plan, { source: null });
	return [...new Set([...toEarth.face, ...toEarth.bare].map(({ id }) => id)), ...foundPairs(plan, 'extra')];
}
/** The recorded breaker, and another: the main switch where all of it may have to be off. */
const someBreakers = (plan: JobPlan): string[] => [
	plan.recordedBreaker,
	plan.witnesses.length > 0 ? plan.mainSwitch : plan.breakers.find((id) => id !== plan.recordedBreaker)!
];
const part = (plan: JobPlan) => ({
	ratingA: 'ratingA' in plan.newDevice ? plan.newDevice.ratingA : 0,
	tamperResistant: true,
	sameKind: true,
	undamaged: true
});
const overload = { kind: 'overload' } as const;
const ohms = (resistanceOhm: number) => ({ kind: 'ohms', resistanceOhm }) as const;

/** The id of a reading in a walk: the same for the same pair, so that the last one taken is the one that is put right. */
const readingId = (command: Command): string | null =>
	command.kind === 'readPair'
		? `pair ${command.pair}`
		: command.kind === 'proveTester'
			? `tester ${command.when}`
			: null;

/** How every kind of command is tried: one that is left out doesn’t compile. */
const tried: { readonly [Kind in Command['kind']]: Tried<Kind> } = {
	confirm: () => confirmedSteps.map((step) => ({ kind: 'confirm', step })),
	checkTools: ({ grounded }) => [
		{ kind: 'checkTools', tester: 'multimeter', has: tools },
		// Without a tester yet: the same way in every plan, walked where the plan is smallest.
		...(grounded ? [] : [{ kind: 'checkTools', tester: 'none', has: ['lamp', ...tools] } as const])
	],
	checkPart: (plan) => both.map((grounded) => ({ kind: 'checkPart', answers: { ...part(plan), grounded } })),
	readLive: (plan) => [
		...plan.halves.flatMap((half) =>
			[meter(regions[plan.region].supply.nominalV), dead].map((reading) => ({
				kind: 'readLive' as const,
				half,
				reading
			}))
		),
		...both.map((lit) => ({
			kind: 'readLive' as const,
			half: firstHalf(plan),
			reading: { instrument: 'lamp' as const, lit }
		}))
	],
	readAsFound: ({ asFound, halves }) =>
		(asFound ? halves : []).map((half) => ({ kind: 'readAsFound', half, lamps: soundLamps, holds: true })),
	deadFromStart: ({ witnesses, halves, newHalves }) =>
		(witnesses.length > 0 ? [...new Set([...halves, ...newHalves])] : []).flatMap((half) =>
			[...witnesses.slice(0, 1), null].map((witness) => ({
				kind: 'deadFromStart' as const,
				half,
				witness
			}))
		),
	readWitness: ({ witnesses }) =>
		witnesses.slice(0, 1).flatMap((box) => both.map((lit) => ({ kind: 'readWitness' as const, box, lit }))),
	seeControlled: ({ controls }) =>
		(controls === null ? [] : (['on', 'off', 'after'] as const)).flatMap((when) =>
			both.map((lit) => ({ kind: 'seeControlled' as const, when, lit }))
		),
	readLiveGround: (plan) =>
		(
			[
				[true, 'silent'],
				[false, 'silent'],
				[true, 'alarms']
			] as const
		).map(([lit, touchless]) => ({
			kind: 'readLiveGround',
			half: firstHalf(plan),
			reading: { instrument: 'plugTester', lit },
			touchless
		})),
	proveEarth: () =>
		both.map((hotGround) => ({
			kind: 'proveEarth',
			source: 'outlet:elsewhere',
			lamps: { hotNeutral: true, hotGround, neutralGround: false }
		})),
	readPlateScrew: (plan) =>
		(plan.plateScrew === null ? [] : ([0, 120] as const)).map((litV) => ({
			kind: 'readPlateScrew',
			half: firstHalf(plan),
			reading: { instrument: 'indicator', litV }
		})),
	arranged: (plan) =>
		someBreakers(plan).flatMap((breaker) =>
			(plan.hard[breaker] ?? []).map(({ id }) => ({
				kind: 'arranged' as const,
				thing: id,
				how: 'its own battery'
			}))
		),
	searchBy: () => [{ kind: 'searchBy', settings: defaultSettings }],
	searched: ({ recordedBreaker }) => [
		{ kind: 'searched', event: { kind: 'answer', off: [recordedBreaker], answer: 'dark', by: 'lamp' } },
		{ kind: 'searched', event: { kind: 'signal', strongest: recordedBreaker } }
	],
	switchBreaker: (plan) =>
		someBreakers(plan).flatMap((breaker) =>
			both.map((on) => ({ kind: 'switchBreaker' as const, breaker, on }))
		),
	hold: () => (['padlock', 'tape'] as const).map((way) => ({ kind: 'hold', way })),
	proveTester: () =>
		(['before', 'after'] as const).flatMap((when) =>
			[live, dead].map((reading) => ({
				kind: 'proveTester' as const,
				when,
				source: 'provingUnit',
				reading
			}))
		),
	readPair: (plan) =>
		everyPair(plan).flatMap((pair) =>
			[dead, unresolved, live, drained, fedThrough].map((reading) => ({
				kind: 'readPair' as const,
				pair,
				reading
			}))
		),
	amendVolts: (plan) => [
		...everyPair(plan).flatMap((pair) =>
			[dead, unresolved, live].map((reading) => ({
				kind: 'amendVolts' as const,
				of: `pair ${pair}`,
				reading
			}))
		),
		...(['before', 'after'] as const).flatMap((when) =>
			[live, dead].map((reading) => ({ kind: 'amendVolts' as const, of: `tester ${when}`, reading }))
		)
	],
	lookOver: (plan) =>
		both.map((asRecorded) => ({
			kind: 'lookOver',
			asRecorded,
			counts: countsOn(plan),
			landings: [],
			note: ''
		})),
	planAnew: { walkedIn: 'anew.walk.long.test.ts', because: 'it plans on a house' },
	landAt: { walkedIn: 'landAt.walk.long.test.ts', because: 'it plans on a house' },
	addBox: {
		walkedIn: 'added.walk.long.test.ts',
		because: 'it plans on a house, and there are two boxes after'
	},
	dropBox: { walkedIn: 'added.walk.long.test.ts', because: 'there have to be two boxes' },
	foundConductor: () =>
		(['passing', 'onDevice'] as const).map((where) => ({
			kind: 'foundConductor',
			id: 'extra',
			colour: 'red',
			where
		})),
	inspect: () =>
		[answers({}), answers({ scorchIntoWall: 'yes' })].map((each) => ({
			kind: 'inspect',
			answers: each,
			note: ''
		})),
	autopsy: () => [
		{
			kind: 'autopsy',
			autopsy: { looks: 'scorched', grip: 'none', hotNeutral: overload, hotGround: null, through: ohms(0.2) }
		}
	],
	takeOff: ({ takeOff }) => takeOff.map(({ terminal }) => ({ kind: 'takeOff', terminal })),
	move: ({ work }) =>
		[...new Set((work?.ways ?? []).flatMap((way) => handMoves(way).map(({ id }) => id)))].flatMap((move) =>
			both.map((held) => ({ kind: 'move' as const, move, held }))
		),
	checkWork: ({ work }) =>
		(work ? ['reset', ...work.checks.map(checkId)] : []).flatMap((check) =>
			both.map((passes) => ({ kind: 'checkWork' as const, check, passes }))
		),
	supplyWay: () => (['dead', 'live', 'device', 'skip'] as const).map((way) => ({ kind: 'supplyWay', way })),
	readSupplyOhms: ({ supplyCables }) =>
		supplyCables.flatMap((cable) =>
			[overload, ohms(0.5), ohms(40)].map((value) => ({ kind: 'readSupplyOhms' as const, cable, value }))
		),
	touchSupply: ({ supplyCables }) =>
		supplyCables.flatMap((cable) => both.map((alarms) => ({ kind: 'touchSupply' as const, cable, alarms }))),
	trySupply: ({ supplyCables }) =>
		supplyCables.flatMap((cable) => both.map((resets) => ({ kind: 'trySupply' as const, cable, resets }))),
	readSupplyVolts: ({ supplyCables }) =>
		supplyCables.flatMap((cable) =>
			(
				[
					[live, live],
					[dead, dead],
					[live, dead]
				] as const
			).map(([hotNeutral, hotGround]) => ({
				kind: 'readSupplyVolts' as const,
				cable,
				hotNeutral,
				hotGround
			}))
		),
	readBaseline: ({ baselines }) =>
		baselines.map(({ group }) => ({ kind: 'readBaseline', group, value: overload })),
	readEnds: ({ ends }) => [
		...ends.map(({ role }) => ({ kind: 'readEnds' as const, role, value: ohms(0.4) })),
		...ends.slice(0, 1).map(({ role }) => ({ kind: 'readEnds' as const, role, value: overload }))
	],
	readGroundEarth: (plan) =>
		(['ground', 'neutral'] as const).flatMap((of) =>
			[dead, unresolved, live, drained].map((reading) => ({
				kind: 'readGroundEarth' as const,
				half: firstHalf(plan),
				of,
				reading
			}))
		),
	decideProtection: () => [{ kind: 'decideProtection', decision: 'sameAgain' }],
	cap: () => [{ kind: 'cap' }],
	reopen: () => [{ kind: 'reopen' }],
	readOhms: (plan) =>
		plan.resistanceChecks.flatMap((check) =>
			[overload, ohms(0.4)].map((value) => ({ kind: 'readOhms' as const, check, value }))
		),
	restorePower: () => both.map((held) => ({ kind: 'restorePower', held })),
	readPlug: ({ newHalves, witnesses }) =>
		newHalves.flatMap((half) =>
			[soundLamps, { ...soundLamps, hotGround: false }, ...(witnesses.length > 0 ? [noLamps] : [])].map(
				(lamps) => ({ kind: 'readPlug' as const, half, lamps })
			)
		),
	readOutlet: ({ grounded, halves }) =>
		(grounded ? [] : halves).flatMap((half) =>
			[dead, live].map((neutralEarth) => ({
				kind: 'readOutlet' as const,
				half,
				hotNeutral: live,
				neutralEarth
			}))
		),
	checkNeighbour: ({ upstream, downstream }) =>
		[...upstream, ...downstream].flatMap((box) =>
			both.map((works) => ({ kind: 'checkNeighbour' as const, box, works }))
		),
	readLoaded: ({ newHalves }) => [
		...both.map((sound) => ({
			kind: 'readLoaded' as const,
			half: newHalves[0]!,
			read: {
				kind: 'volts' as const,
				watts: 1500,
				offV: 120,
				onV: sound ? 116 : 100,
				neutralGroundV: 2
			}
		})),
		{ kind: 'readLoaded', half: newHalves[0]!, read: { kind: 'left', because: 'noLoad' } }
	],
	grip: ({ newHalves }) =>
		newHalves.flatMap((half) => both.map((holds) => ({ kind: 'grip' as const, half, holds }))),
	fixLabel: ({ labels }) => labels.map((label) => ({ kind: 'fixLabel', label })),
	tidyDirectory: () => [{ kind: 'tidyDirectory', label: 'sewing room' }],
	changed: () =>
		(['powerSeen', 'ohmmeterLive', 'foundUnlocked', 'wasAway', 'otherBoxOpened'] as const).map((what) => ({
			kind: 'changed',
			what
		})),
	note: () => [{ kind: 'note', text: 'a cobweb' }],
	stop: () => [{ kind: 'stop', reason: 'ownChoice', note: '' }],
	finish: () => [{ kind: 'finish' }]
};

/** Everything a person could say at one box, in every band, whatever the state: the procedure has to refuse what doesn't belong. */
export const everyCommand = (plan: JobPlan): Command[] =>
	Object.values(tried).flatMap((how): readonly Command[] => (typeof how === 'function' ? how(plan) : []));

/** The kinds that one box by itself can’t be told, by the walk that tries them. */
export const walkedElsewhere = (): Readonly<Record<string, string>> =>
	Object.fromEntries(
		Object.entries(tried).flatMap(([kind, how]) => (typeof how === 'function' ? [] : [[kind, how.walkedIn]]))
	);

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

interface Group<Part extends keyof JobState> {
	readonly parts: readonly Part[];
	readonly name: (state: JobState) => number;
}
/** Parts of a state that are named together: one name for as long as each of them is the very same. What is read for the name has to be among them. */
const group = <Part extends keyof JobState>(
	parts: readonly Part[],
	says: (state: Pick<JobState, Part>) => readonly unknown[]
): Group<Part> => ({ parts, name: namer((state: JobState) => says(state).join('|')) });

/** Keys of a state that are no part of its name, and why nothing that can follow hangs on them. */
export const leftOutOfNames = {
	stopReason: 'said when a job is over, and read by its record',
	search:
		'what a search for the breaker asks and believes; it is no step, touches nothing and proves nothing',
	lastAt: 'a clock: read by what lapses in time, which has tests of its own (proofOfDead.test.ts)',
	attend: 'conditions that the record keeps; those that change what follows are stops'
} as const satisfies Partial<Record<keyof JobState, string>>;

/** What of a state decides what can follow: times, ids, notes and which instrument showed a band are left out. */
const groups = [
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
	group(['status', 'stops', 'closedUp', 'redo', 'sentBackBy', 'tagged', 'found', 'told', 'late'], (state) => [
		// Which it was is told by equality alone: all of them go the same way.
		state.sentBackBy !== null,
		state.status,
		state.late,
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
		[
			'cautions',
			'tester',
			'part',
			'hand',
			'partRatingA',
			'metalBox',
			'decided',
			'arranged',
			'asFound',
			'plate',
			'lookedOver',
			'inspected'
		],
		(state) => [
			JSON.stringify(state.hand),
			state.partRatingA,
			state.metalBox,
			state.cautions,
			state.tester,
			state.part,
			state.decided,
			listed(state.arranged),
			// One kind of lamps is said: the sound ones.
			keysOf(state.asFound),
			state.plate,
			state.lookedOver,
			state.inspected
		]
	),
	group(
		['earth', 'toKnown', 'notLive', 'face', 'unseen', 'witness', 'controlled', 'live', 'boxLit'],
		(state) => [
			typeof state.earth === 'object' ? `known${state.earth.source !== null}` : state.earth,
			// A ground that is dead asks for nothing more; of a neutral only whether it was read.
			['dead', 'live'].includes(state.toKnown.ground ?? '') ? 'read' : state.toKnown.ground,
			['dead', 'live'].includes(state.toKnown.neutral ?? '') ? 'read' : state.toKnown.neutral,
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
	group(['loaded', 'final', 'neighbours', 'grip', 'directory', 'labelled'], (state) => [
		listed(state.labelled),
		state.loaded,
		marks(state.final),
		marks(state.neighbours),
		marks(state.grip),
		state.directory
	])
];

/** Keys that are named by what the plan makes of them. */
const namedByPlan = {
	// Read for nothing but which ratings fit behind it; unknown, those of the recorded one are asked for (`ratingsWanted`), and a part that fits has one of them (`ratingFits`).
	feeder: ({ fittingRatingsA, recordedBreaker }: JobPlan, { feeder }: JobState) =>
		(fittingRatingsA[feeder ?? recordedBreaker] ?? fittingRatingsA[recordedBreaker] ?? []).join()
} as const satisfies Partial<Record<keyof JobState, unknown>>;

/** Every key of a state is named, or carries the reason why it isn’t: one that is neither doesn’t compile. */
type Keyed =
	(typeof groups)[number]['parts'][number] | keyof typeof namedByPlan | keyof typeof leftOutOfNames;
const everyKey: [keyof JobState] extends [Keyed] ? true : Exclude<keyof JobState, Keyed> = true;
void everyKey;

/** A state with the names of its groups, and the key they make. */
export interface Named {
	readonly state: JobState;
	readonly names: readonly number[];
	readonly key: string;
}
/** Names a state; what it has in common with the one before it keeps its name. */
export function named(plan: JobPlan, state: JobState, before?: Named): Named {
	const names = groups.map(({ parts, name }, at) =>
		before && parts.every((part) => state[part] === before.state[part]) ? before.names[at]! : name(state)
	);
	const byPlan = Object.values(namedByPlan).map((says) => says(plan, state));
	return { state, names, key: `${names.join()} ${byPlan.join('|')}` };
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

/** The reading that is put right: any that could have been taken, by its id in a walk. */
function find(id: string): JobEvent {
	const [kind, ...rest] = id.split(' ');
	const body: Command =
		kind === 'pair'
			? { kind: 'readPair', pair: rest.join(' '), reading: dead }
			: { kind: 'proveTester', when: rest[0] as 'before' | 'after', source: 'provingUnit', reading: live };
	return { id, at: '', body };
}

/** A reading put right that no proof in hand rests on: it leaves the very same state (isolation.test.ts), and is most of what could be put right. */
function isAboutNothing(command: Command, { isolation: { proof } }: JobState): boolean {
	if (command.kind !== 'amendVolts') return false;
	return ![proof.before, proof.after, ...Object.values(proof.pairs)].some(
		(taken) => taken?.id === command.of
	);
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
		const one = named(plan, state, before);
		const known = numbers.get(one.key);
		if (known !== undefined) return known;
		numbers.set(one.key, states.length);
		return states.push(one) - 1;
	};
	numberOf(initialJob(plan));
	const context = { plan, expect: expectations, find };
	for (let at = 0; at < states.length; at++) {
		const before = states[at]!;
		for (let c = 0; c < commands.length; c++) {
			if (isAboutNothing(commands[c]!, before.state)) continue;
			const decision = decide(context, before.state, commands[c]!);
			if (!decision.ok) {
				refused++;
				continue;
			}
			const event: JobEvent = {
				id: readingId(decision.body) ?? `e${c}`,
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
