import { describe, expect, it } from 'vitest';
import { arrangements, here, newGfci } from '@wary/core/arrangements';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import { circuitsInBox, editHouse, type House } from '@wary/core/house';
import { energyOf, type Doubt, type Energy } from '@wary/core/isolation';
import {
	conditions,
	initialJob,
	foundPairs,
	pairsToRead,
	planJob,
	planWhole,
	severityOf,
	stopReasons,
	withBeside,
	type JobEvent,
	type Step
} from '@wary/core/job';
import { Person, planOf } from '../../../../core/test/person';
import { exchangedBehind } from '../../../../core/test/threeCables';
import { outletBesideSwitch, twoGang } from '../../../../core/test/twoGang';
import { wishOf } from '../../../../core/test/wishes';
import { shapeOf } from '../ui/box/deviceShape';
import { conditionWords, stopWords } from '$words/conditions';
import { doubtWords, energyWords, stripWords } from '$words/energy';
import { failureWords, sendTrouble } from '$words/failures';
import { putBackLines } from '$words/plan/putBack';
import { planFailureWords } from '$words/planFailures';
import { jobPageWords } from '$words/job';
import { refusalWords } from '$words/refusals';
import { cautions, groundEarthVerdict, ohmVerdictWords, plateScrewVerdict, stepWords } from '$words/steps';
import { staysDeadWords } from '$words/steps/asFound';
import { namedBreakers, pairWords, terminalWord } from '$words/terms';

type Home = readonly [region: 'us' | 'uk', recorded: House, actual: House, box: string, breaker: string];
/** With a metal plate, in a box that nothing bonds. */
const worktopBreaker = circuitsInBox(tanneryRow(), 'kitchen-worktop')[0]!.breaker;
const homes: readonly Home[] = [
	['us', fennelLaneRecorded(), fennelLaneActual(), 'sewing-east-wall', 'b14'],
	['uk', tanneryRow(), tanneryRow(), 'box-room-desk', 'b5'],
	['us', fennelLaneRecorded(), fennelLaneActual(), 'reading-stove-wall', 'b9'],
	['uk', tanneryRow(), tanneryRow(), 'kitchen-worktop', worktopBreaker]
];

/** Every step that a job comes to, its words, and the strip above it. */
function wholeJob([, recorded, actual, box, breaker]: Home): string[] {
	return told(recorded, new Person(recorded, actual, planOf(recorded, box), [breaker, breaker]));
}

/** The supply found by the new part: from where the way is chosen to where the cable is marked, on a house whose record has the cables the wrong way round. */
function trial(): string[] {
	const recorded = arrangements.find(({ kind }) => kind === 'middleThrough')!.build();
	const planned = planJob(recorded, here, 'groundFirst', wishOf('gfci', 'protected'));
	if (!planned.ok) throw new Error(planned.failure.code);
	const actual = exchangedBehind(recorded, 'c2', 'c3');
	const person = new Person(recorded, actual, planned.plan, ['b1', 'b1', 'b1']);
	person.supplyWay = 'device';
	person.until('supplyWay');
	const state = person.state;
	return [
		...(['supplyNeeded', 'partTellsNoSupply'] as const).map((code) =>
			refusalWords({ code }, recorded, planned.plan, state)
		),
		...told(recorded, person, () => person.state.supply.marked)
	];
}

/** Two devices in one box: from before the first comes out to where hands go in. */
function twoInOneBox(): string[] {
	const recorded = twoGang();
	const wishes = [here, 'after'].map((boxId) => ({ boxId, wish: null }));
	const planned = planWhole(recorded, wishes);
	if (!planned.ok) throw new Error(planned.failure.code);
	const person = new Person(recorded, recorded, planned.plans, ['b1', 'b1']);
	const { plan, state } = person;
	person.until('proveTester');
	return [
		planFailureWords({ code: 'besideLeftOut', box: here, beside: 'after' }, 'us'),
		refusalWords({ code: 'besideOpen', box: 'after' }, recorded, plan, state),
		...told(recorded, person, () => person.step?.kind === 'takeOff')
	];
}

/** A wall switch beside an outlet that is replaced, to its end, and with all of it switched off. */
function besideSwitch(region: 'us' | 'uk'): string[] {
	const uk = editHouse(tanneryRow(), [
		{ do: 'addSwitch', beside: 'box-room-desk', name: 'wall switch', works: 'desk light', circuit: 'up-ring' }
	]);
	if (!uk.ok) throw new Error(uk.refusal.code);
	const recorded = region === 'uk' ? uk.house : outletBesideSwitch();
	const box = region === 'uk' ? 'box-room-desk' : here;
	const planned = planWhole(recorded, withBeside(recorded, [{ boxId: box, wish: null }]));
	if (!planned.ok) throw new Error(planned.failure.code);
	const person = new Person(recorded, recorded, planned.plans, [planned.plans[0]!.recordedBreaker]);
	person.earthFrom = region === 'uk' ? 'outlet:kitchen-fridge' : 'outlet:before';
	const at = planned.plans.findIndex(({ putBack }) => putBack);
	const plan = planned.plans[at]!;
	const state = person.whole.boxes[at]!;
	const also = ([true, false] as const).map((lit) => {
		const controlled = { ...state.controlled, lit, dark: lit ? false : null };
		const step = { kind: 'switchOff', also: plan.mainSwitch } as const;
		const { title, lead, why } = stepWords(step, {
			house: recorded,
			plan,
			state: { ...state, controlled }
		});
		return `${title} | ${lead} | ${why}`;
	});
	const lines = [
		planFailureWords({ code: 'nothingPutIn', box }, region),
		...also,
		...putBackLines(recorded, plan)
	];
	for (let n = 0; n < 300 && person.state.status === 'underWay'; n++) {
		if (person.plan === plan) {
			const step = person.step!;
			const { title, lead, why } = stepWords(step, { house: recorded, plan, state: person.state });
			lines.push(`[${energyOf(person.state.isolation)}] ${step.kind}: ${title} | ${lead} | ${why}`);
		}
		person.go();
	}
	expect(person.state.status).toBe('finished');
	return lines;
}

/** A new outlet where nothing was: every step, and why one isn’t begun. */
function newOutlet(region: 'us' | 'uk'): string[] {
	const built = arrangements
		.find(({ kind }) => kind === (region === 'us' ? 'endOfRun' : 'radialEnd'))!
		.build();
	const blank = editHouse(built, [{ do: 'setBox', box: here, device: { kind: 'blank' } }]);
	if (!blank.ok) throw new Error(blank.refusal.code);
	const house =
		region === 'us'
			? blank.house
			: {
					...blank.house,
					panels: blank.house.panels.map((panel) => ({
						...panel,
						residualDevices: [
							{ id: 'r1', tripMa: 30, ratingA: 80, on: true, covers: panel.breakers.map(({ id }) => id) }
						]
					}))
				};
	const wish = wishOf(region === 'us' ? 'duplex' : 'socketTwin');
	const planned = planJob(house, here, 'groundFirst', wish);
	if (!planned.ok) throw new Error(planned.failure.code);
	const { breaker } = circuitsInBox(house, here)[0]!;
	const person = new Person(house, house, planned.plan, [breaker, breaker]);
	person.earthFrom = 'outlet:before';
	const refused = (
		['nothingFitted', 'newBeside', 'newOneCable', 'newUngrounded', 'newNoResidual'] as const
	).map((code) => planFailureWords({ code, box: here }, region));
	const asked = { place: 'bathroom', code: 'NEC', clause: '210.8(A)(1)', edition: '2020' } as const;
	refused.push(planFailureWords({ code: 'newUnguarded', box: here, asked }, region));
	return [...refused, ...told(house, person)];
}

/** An outlet taken in with a box open: why one isn’t, and what is told from where its turn comes to where it is proven. */
function takenIn([, recorded, actual, box, breaker]: Home, added: string, elsewhere: string): string[] {
	const person = new Person(recorded, actual, planOf(recorded, box), [breaker, breaker, breaker]);
	person.until('takeOff');
	const { plan, state } = person;
	const refused = (['boxInOtherJob', 'recordChanged', 'cannotDrop'] as const).map((code) =>
		refusalWords({ code, box: added }, recorded, plan, state)
	);
	for (const other of [elsewhere, box, 'nowhere']) {
		const said = person.say({ kind: 'addBox', box: other, wish: null });
		if (!said.ok) refused.push(refusalWords(said.refusal, recorded, plan, state));
	}
	expect(refused).toHaveLength(6);
	expect(person.say({ kind: 'addBox', box: added, wish: null }).ok).toBe(true);
	while (person.plan.boxId === box) person.go();
	return [
		...refused,
		...told(recorded, person, () => energyOf(person.whole.boxes[1]!.isolation) === 'provenDead')
	];
}

function told(recorded: House, person: Person, until = () => false): string[] {
	const lines: string[] = [];
	for (let count = 0; count < 150 && person.state.status === 'underWay' && !until(); count++) {
		const telling = { house: recorded, plan: person.plan, state: person.state };
		const step = person.step!;
		const words = stepWords(step, telling);
		const strip = stripWords(recorded, person.plan, person.state);
		lines.push(
			`[${energyOf(person.state.isolation)}] ${strip.word} | ${strip.because} | ${strip.caution} | ${strip.lapses}`,
			`${step.kind}: ${words.title} | ${words.lead} | ${words.why} | ${words.rule ?? ''}`
		);
		person.go();
	}
	return lines;
}

/** Everything that protects somebody by being read, in one text: a sentence exchanged with another changes it. */
/** Worked out once: it goes through whole jobs. */
let worked: string | null = null;
const safetyText = (): string => (worked ??= everySafetyWord());

function everySafetyWord(): string {
	const lines: string[] = [];
	const head = (title: string) => lines.push('', `## ${title}`);
	head('energy states');
	for (const [state, word] of Object.entries(energyWords)) lines.push(`${state}: ${word}`);
	for (const region of ['us', 'uk'] as const) {
		const [, recorded, , box] = homes.find((each) => each[0] === region)!;
		const plan = planOf(recorded, box);
		const state = initialJob(plan);
		head(`${region}: cautions`);
		lines.push(...cautions(region));
		head(`${region}: pairs`);
		for (const earth of ['box', { source: 'outlet:elsewhere' }] as const) {
			const { face, bare } = pairsToRead(plan, earth);
			const ids = [...[...face, ...bare].map(({ id }) => id), ...foundPairs(plan, 'x')];
			for (const id of ids) lines.push(`${id}: ${pairWords(plan, id, earth)}`);
		}
		head(`${region}: doubts`);
		const doubts: Doubt[] = [
			{ reason: 'liveReading', pair: pairsToRead(plan, 'box').face[0]!.id, until: 'panel' },
			{ reason: 'powerSeen', until: 'panel' },
			{ reason: 'ohmmeterLive', until: 'panel' },
			{
				reason: 'borrowedNeutral',
				pair: plan.facePairs.find(({ kind }) => kind === 'neutralGround')!.id,
				until: 'panel'
			},
			{ reason: 'foundUnlocked', until: 'panel' },
			{ reason: 'wasAway', until: 'panel' },
			{ reason: 'otherBoxOpened', until: 'proof' },
			{ reason: 'testerFailed', until: 'proof' },
			{ reason: 'tripped', until: 'panel' },
			{ reason: 'foundConductor', pair: 'found/x~ground', until: 'pair' }
		];
		for (const doubt of doubts) lines.push(`${doubt.reason}: ${doubtWords(plan, doubt)}`);
		head(`${region}: refusals`);
		for (const energy of Object.keys(energyWords) as Energy[])
			lines.push(refusalWords({ code: 'notProvenDead', energy, next: null }, recorded, plan, state));
		for (const code of [
			'boxOpen',
			'lampProvesNothing',
			'needsCurrent',
			'needsLowImpedance',
			'outOfRange'
		] as const)
			lines.push(`${code}: ${refusalWords({ code }, recorded, plan, state)}`);
		const doubted: JobEvent = {
			id: 'theirs',
			at: '2026-11-24T10:00:00Z',
			body: { kind: 'changed', what: 'otherBoxOpened' }
		};
		lines.push(
			`unknowing: ${refusalWords({ code: 'unknowing', by: doubted }, recorded, plan, state)}`,
			`overtaken: ${jobPageWords.uncounted} | ${jobPageWords.warnings}`
		);
		for (const code of ['groundUnused', 'nothingOnDevice', 'noCircuit'] as const)
			lines.push(`${code}: ${planFailureWords({ code, box }, region)}`);
		lines.push(planFailureWords({ code: 'sharedNeutral', box, breakers: ['b1', 'b2'] }, region));
		head(`${region}: stops`);
		for (const reason of stopReasons) {
			const { why, tell } = stopWords(region)[reason];
			lines.push(`${reason}: ${why} | ${tell}`);
		}
		head(`${region}: conditions`);
		for (const condition of conditions) {
			const { look, then } = conditionWords(region)[condition];
			lines.push(`${condition} (${severityOf(condition)}): ${look} | ${then}`);
		}
		head(`${region}: verdicts`);
		for (const band of ['dead', 'unresolved', 'live'] as const)
			for (const of of ['ground', 'neutral'] as const)
				lines.push(`${of} to earth ${band}: ${groundEarthVerdict(region, of, band).text}`);
		for (const verdict of [
			'open',
			'continuous',
			'knownLoad',
			'notLessThanBefore',
			'short',
			'tooLow',
			'notContinuous'
		] as const)
			lines.push(`${verdict}: ${ohmVerdictWords(region, { passes: true, verdict }).text}`);
		head(`${region}: what stands for what is dead`);
		const half = plan.halves[0]!;
		lines.push(
			Object.values(staysDeadWords)
				.map((each) => (typeof each === 'string' ? each : ''))
				.join(' | ')
		);
		lines.push(staysDeadWords.first[region], staysDeadWords.then(region === 'uk' ? 'earth' : 'ground'));
		const again = { ...state, redo: 'finalTest' as const, device: 'newSeated' as const, provenWith: ['b1'] };
		for (const step of [
			{ kind: 'deadFromStart', half },
			{ kind: 'readWitness', box },
			{ kind: 'readPlug', half },
			{ kind: 'switchOff', also: 'b1' },
			{ kind: 'switchOff', also: plan.mainSwitch }
		] as const) {
			const { title, lead, why } = stepWords(step, { house: recorded, plan, state: again });
			lines.push(`${step.kind}: ${title} | ${lead} | ${why}`);
		}
		lines.push(doubtWords(plan, { reason: 'liveReading', pair: plan.witnesses[0] ?? '', until: 'panel' }));
		for (const code of ['wiresHalfOff'] as const)
			lines.push(`${code}: ${refusalWords({ code }, recorded, plan, state)}`);
		lines.push(refusalWords({ code: 'undoFirst', moves: ['land hot'] }, recorded, plan, state));
		lines.push(refusalWords({ code: 'noWitness', box }, recorded, plan, state));
		lines.push(
			refusalWords(
				{ code: 'cannotPlanAnew', failure: { code: 'nothingOnDevice', box } },
				recorded,
				plan,
				state
			)
		);
		const stop: Step = { kind: 'stop' };
		lines.push(`stop: ${stepWords(stop, { house: recorded, plan, state }).lead}`);
	}
	for (const home of homes) {
		const [region, , , box] = home;
		head(`${region}: a whole job at ${box}`);
		lines.push(...wholeJob(home));
	}
	for (const region of ['us', 'uk'] as const) {
		head(`${region}: a new outlet on the end of a cable`);
		lines.push(...newOutlet(region));
	}
	head('us: from a slot to the plate screw');
	for (const lit of [true, false])
		for (const reliedOn of [true, false]) lines.push(plateScrewVerdict(lit, reliedOn).text);
	head('us: an outlet taken in on the way');
	lines.push(...takenIn(homes[0]!, 'sewing-closet', 'music-piano'));
	head('uk: a socket-outlet taken in on the way');
	lines.push(...takenIn(homes[1]!, 'back-bedroom-door', 'kitchen-worktop'));
	head('us: the supply found by the new part');
	lines.push(...trial());
	head('us: two devices in one box');
	lines.push(...twoInOneBox());
	for (const region of ['us', 'uk'] as const) {
		head(`${region}: a wall switch beside an outlet`);
		lines.push(...besideSwitch(region));
	}
	head('failures');
	for (const { title, text } of Object.values(failureWords)) lines.push(`${title}: ${text}`);
	for (const code of ['timeWrong', 'notPaired', 'idTaken', 'unknownJob', 'other'])
		lines.push(sendTrouble(code));
	return `${lines.join('\n').trim()}\n`;
}

describe('words that protect people', () => {
	it('are those that were last read aloud: every state, pair, refusal, stop and step', async () => {
		await expect(safetyText()).toMatchFileSnapshot('./safety.golden.txt');
	});

	it('name each energy state as what it is', () => {
		expect(energyWords).toEqual({
			assumedLive: 'TREAT AS LIVE',
			expectedDead: 'EXPECTED DEAD',
			provenDead: 'PROVEN DEAD',
			deliberatelyLive: 'LIVE ON PURPOSE'
		});
	});

	it('name both ends of every pair, and no other', () => {
		for (const [region, recorded, , box] of homes.slice(0, 2)) {
			const plan = planOf(recorded, box);
			const [hot, neutral, ground] =
				region === 'us' ? ['hot', 'neutral', 'ground'] : ['line', 'neutral', 'earth'];
			for (const pair of plan.facePairs) {
				const words = pairWords(plan, pair.id);
				const expected = {
					hotNeutral: [hot, neutral],
					hotGround: [hot, ground],
					neutralGround: [neutral, ground]
				}[pair.kind as 'hotNeutral'] as string[];
				const other = [hot, neutral, ground].find((each) => !expected.includes(each!))!;
				for (const word of expected) expect(words).toContain(word);
				expect(words).not.toContain(other);
				expect(words.toLowerCase()).toContain(pair.half!);
			}
		}
	});

	it('never offer the push-in spring', () => {
		for (const [, recorded, , box] of homes) {
			const { work } = planOf(recorded, box);
			const ways = work!.ways.flatMap(({ moves }) =>
				moves.flatMap((move) => (move.kind === 'land' ? [move.how] : []))
			);
			expect(ways.length).toBeGreaterThan(1);
			expect(ways).not.toContain('pushIn');
		}
	});

	it('never tell anybody to push a shutter open, to probe the mouth of a cap, or to believe three lamps', () => {
		const text = safetyText();
		for (const wrong of [
			/mouth/i,
			/one hand/i,
			/goes off with/i,
			/hangs on nothing/i,
			/joined at the consumer unit/i,
			/keep reading/i,
			/cover that/i
		])
			expect(text).not.toMatch(wrong);
		expect(text).toMatch(/shutters are never pushed open/);
		expect(text).toMatch(/Eye protection/);
		expect(text).toMatch(/somebody caught by current is not touched/);
	});

	it('hand over to the right trade in each region', () => {
		const failure = { code: 'sharedNeutral', box: 'x', breakers: ['b1', 'b2'] } as const;
		expect(planFailureWords(failure, 'us')).toContain('licensed electrician');
		expect(planFailureWords(failure, 'uk')).toContain('registered electrician');
	});

	it('call a fuse a fuse, an RCBO an RCBO', () => {
		const house = structuredClone(tanneryRow());
		house.panels[0]!.breakers[0]!.type = 'fuse';
		house.panels[0]!.breakers[1]!.type = 'residual';
		expect(namedBreakers(house, 'b1')).toBe('fuse 1');
		expect(namedBreakers(house, ['b1', 'b2', 'b3'])).toBe('fuse 1, RCBO 2 and MCB 3');
		expect(namedBreakers(house, ['b3', 'b5'])).toBe('MCBs 3 and 5');
		expect(namedBreakers(house, 'main:unit')).toBe('the main switch');
	});
});

describe('LINE and LOAD', () => {
	it('stand on the drawing where they are printed, and in the words, supply in and to the next boxes', () => {
		const shape = shapeOf(newGfci)!;
		for (const { name, mark, printed } of shape.terminals.filter(({ name: each }) => each !== 'ground')) {
			const print = name.startsWith('supply') ? 'LINE' : 'LOAD';
			expect([name, printed]).toEqual([name, print]);
			expect(mark.includes(name.endsWith('Hot') ? 'brass' : 'silver')).toBe(true);
			expect(terminalWord('us', name)).toContain(print);
			expect(terminalWord('us', name)).toContain(print === 'LINE' ? 'supply in' : 'to the next boxes');
		}
	});
});
