import { decide } from '../../test/oneBox';
import { withTie } from '../../test/sharedNeutral';
import { describe, expect, it } from 'vitest';
import { answers, meter, Person, planOf } from '../../test/person';
import { arrangementsOf, here, type ArrangementKind } from '../arrangements';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow } from '../demo';
import { findBox, points, withBox, type House } from '../house';
import { energyOf } from '../isolation';
import {
	conditions,
	expectationsOf,
	houseAfterJob,
	judgeOhms,
	lowestOf,
	mustStop,
	nextStep,
	planJob,
	recordOf,
	severityOf,
	type Condition,
	type Step
} from './index';
import { outcomeWords } from '../../test/outcomeWords';

const east = 'sewing-east-wall';
const built = (region: 'us' | 'uk', kind: ArrangementKind): House =>
	arrangementsOf(region)
		.find((each) => each.kind === kind)!
		.build();
const at = (recorded: House, actual = recorded, box = here, ...breakers: string[]) => {
	const person = new Person(
		recorded,
		actual,
		planOf(recorded, box),
		breakers.length > 0 ? breakers : ['b1', 'b1', 'b1']
	);
	const other = recorded.boxes.find(
		({ id, device }) => id !== box && device && ['duplex', 'socketTwin'].includes(device.kind)
	);
	if (other) person.earthFrom = `outlet:${other.id}`;
	return person;
};
const sewing = (recorded = fennelLaneRecorded(), actual = fennelLaneActual()) => {
	const plan = planOf(recorded, east);
	const person = new Person(recorded, actual, plan, ['b14', 'b14', 'b14']);
	person.earthFrom = 'outlet:music-piano';
	return person;
};
const after = (person: Person) =>
	houseAfterJob(person.recorded, person.plan, person.state, person.events, '2026-11-26', outcomeWords);
const worries = (person: Person) => recordOf(person.plan, person.events, person.state).worries;

describe('what ends a job, each by itself', () => {
	/** Written down from the trade and not from the engine: what is looked for, and ends it. */
	const ending: Condition[] = [
		'scorchIntoWall',
		'crumblingInsulation',
		'aluminium',
		'tooShort',
		'liveGround'
	];

	it.each(
		ending.flatMap((condition) => (['yes', 'unsure'] as const).map((answer) => [condition, answer] as const))
	)('%s: %s', (condition, answer) => {
		const person = sewing();
		person.until('inspect');
		person.say({ kind: 'inspect', answers: answers({ [condition]: answer }), note: '' });
		expect(mustStop(person.state)).toBe(answer === 'yes' ? condition : 'unsure');
		expect(person.say({ kind: 'takeOff', terminal: person.plan.takeOff[0]!.terminal }).ok).toBe(false);
		person.until('stop');
		person.go();
		expect(person.state.status).toBe('stopped');
	});

	it.each(conditions.filter((condition) => !ending.includes(condition)))('%s doesn’t', (condition) => {
		const person = sewing();
		person.until('inspect');
		person.say({ kind: 'inspect', answers: answers({ [condition]: 'yes' }), note: '' });
		expect([mustStop(person.state), nextStep(person.plan, person.state)?.kind]).toEqual([null, 'takeOff']);
		expect(severityOf(condition)).not.toBe('stop');
	});

	it('a box that isn’t as recorded, a further conductor on the device, and an outlet that was never live', () => {
		const looked = sewing();
		looked.until('lookOver');
		looked.say({ kind: 'lookOver', asRecorded: false, landings: [], note: '' });
		expect(mustStop(looked.state)).toBe('notAsRecorded');
		const found = sewing();
		found.until('lookOver');
		found.say({ kind: 'foundConductor', id: 'extra', colour: 'red', where: 'onDevice' });
		expect(mustStop(found.state)).toBe('foundOnDevice');
		expect(energyOf(found.state.isolation)).toBe('assumedLive');
		const dead = sewing();
		dead.until('readLive');
		dead.say({ kind: 'readLive', half: 'upper', reading: meter(0) });
		expect(dead.say({ kind: 'switchBreaker', breaker: 'b14', on: false }).ok).toBe(false);
	});
});

describe('a tab that is broken', () => {
	it.each(['halfSwitched', 'twoCircuits'] as const)(
		'%s: broken on the new part before any wire is on it',
		(kind) => {
			const planned = planJob(withTie(built('us', kind)), here);
			const kinds = planned.ok ? planned.plan.work!.ways[0]!.moves.map((move) => move.kind) : [];
			expect(kinds).toContain('breakTab');
			expect(kinds.indexOf('breakTab')).toBeLessThan(kinds.indexOf('land'));
		}
	);
});

describe('what the box is made of', () => {
	it('a plastic one is asked for no ground; the record says what was seen', () => {
		const person = sewing();
		person.until('lookOver');
		const look = person.answer();
		person.say({ ...look, material: 'plastic' } as typeof look);
		const steps: Step[] = [];
		for (let count = 0; count < 90 && person.state.status === 'underWay'; count++) {
			steps.push(nextStep(person.plan, person.state)!);
			person.go();
		}
		expect(person.state.status).toBe('finished');
		expect(steps.filter((step) => step.kind === 'readOhms').map((step) => step.check)).toEqual([
			'hotNeutral',
			'hotGround'
		]);
		expect(steps.some((step) => step.kind === 'confirm' && step.step === 'tape')).toBe(false);
		const box = findBox(after(person), east)!;
		expect([box.material, box.pigtails.filter(({ to }) => to === 'box')]).toEqual(['plastic', []]);
	});
});

describe('one alarm at the ground', () => {
	const alarmed = (person: Person) => {
		person.until('readLiveGround');
		person.say({
			kind: 'readLiveGround',
			half: 'upper',
			reading: { instrument: 'plugTester', lit: true },
			touchless: 'alarms'
		});
		person.until('readGroundEarth');
	};
	it('a reading of nothing settles it: the job goes on, read to the known earth, and says so', () => {
		const person = sewing();
		alarmed(person);
		person.go();
		expect(mustStop(person.state)).toBeNull();
		person.until('finish');
		expect(worries(person)).toContainEqual({ kind: 'groundOdd', settled: true });
	});
	it('between dead and live it is read again with what draws current; still there, it is live', () => {
		const person = sewing();
		alarmed(person);
		const read = (volts: number, mode?: 'lowImpedance') =>
			person.say({ kind: 'readGroundEarth', half: 'upper', of: 'ground', reading: meter(volts, mode) });
		expect(read(20).ok).toBe(true);
		expect(nextStep(person.plan, person.state)).toEqual({
			kind: 'readGroundEarth',
			half: 'upper',
			of: 'ground',
			lowImpedance: true
		});
		expect(read(20)).toMatchObject({ ok: false, refusal: { code: 'needsLowImpedance' } });
		expect(
			person.say({
				kind: 'readGroundEarth',
				half: 'upper',
				of: 'ground',
				reading: { instrument: 'plugTester', lit: false }
			})
		).toMatchObject({
			refusal: { code: 'lampProvesNothing' }
		});
		expect(read(20, 'lowImpedance').ok).toBe(true);
		expect(mustStop(person.state)).toBe('liveGround');
	});
});

describe('hot to neutral before power', () => {
	it('is measured against what the cables read by themselves', () => {
		const ohms = (resistanceOhm: number) => ({ kind: 'ohms', resistanceOhm }) as const;
		const beside = lowestOf({ a: ohms(900), b: ohms(1800), c: { kind: 'overload' } });
		expect(beside).toBeCloseTo(600, 6);
		expect(lowestOf({ a: { kind: 'overload' } })).toBeNull();
		const judge = (ohm: number, before: number | null, part: number | null = null) =>
			judgeOhms('hotNeutral', ohms(ohm), null, before, part);
		expect(judge(590, 600)).toEqual({ passes: true, verdict: 'notLessThanBefore' });
		expect(judge(310, 600)).toEqual({ passes: true, verdict: 'notLessThanBefore' });
		expect(judge(290, 600)).toEqual({ passes: false, verdict: 'tooLow' });
		expect(judge(3, 600)).toEqual({ passes: false, verdict: 'short' });
		// Nothing was on the cables; the part itself has electronics, or hasn't.
		expect(judge(4000, null)).toEqual({ passes: false, verdict: 'tooLow' });
		expect(judge(4000, null, 500)).toEqual({ passes: true, verdict: 'notLessThanBefore' });
		expect(judge(200, null, 500)).toEqual({ passes: false, verdict: 'tooLow' });
		expect(judgeOhms('hotGround', ohms(4000), null, 600, 500)).toEqual({ passes: false, verdict: 'tooLow' });
	});
	it('a house with a router on the ring passes, and the record has both readings', () => {
		const person = at(tanneryRow(), tanneryRow(), 'box-room-desk', 'b5', 'b5');
		person.until('readBaseline');
		expect(energyOf(person.state.isolation)).toBe('provenDead');
		person.go();
		person.go();
		expect(Object.keys(person.state.baseline)).toHaveLength(2);
		person.until('readOhms');
		const decision = person.say({
			kind: 'readOhms',
			check: 'hotNeutral',
			value: { kind: 'ohms', resistanceOhm: 5100 }
		});
		expect(decision).toMatchObject({ ok: true, judged: { passes: true } });
	});
});

describe('the rating of the part', () => {
	const rated = (breakerA: number, deviceA: number, size: '14AWG' | '12AWG' = '12AWG') => {
		const house = built('us', 'middleThrough');
		return withBox(
			{
				...house,
				panels: house.panels.map((panel) => ({
					...panel,
					breakers: panel.breakers.map((breaker) => ({ ...breaker, ratingA: breakerA }))
				})),
				cables: house.cables.map((cable) => ({ ...cable, size }))
			},
			here,
			(box) => ({ ...box, device: { ...box.device!, ratingA: deviceA } as typeof box.device })
		);
	};
	const takes = (house: House, ratingA: number) => {
		const person = at(house);
		person.until('checkPart');
		const check = person.answer();
		if (check.kind !== 'checkPart') throw new Error(check.kind);
		person.say({ ...check, answers: { ...check.answers, ratingA } });
		return person.state.part;
	};
	it('follows breaker and wires: 15 A takes 15, 20 A takes both, and thin wire under a large breaker takes 15', () => {
		expect([takes(rated(20, 15), 15), takes(rated(20, 15), 20)]).toEqual(['fits', 'fits']);
		expect([takes(rated(15, 15), 15), takes(rated(15, 15), 20)]).toEqual(['fits', 'misfit']);
		expect([takes(rated(20, 15, '14AWG'), 15), takes(rated(20, 15, '14AWG'), 20)]).toEqual([
			'fits',
			'misfit'
		]);
	});
	it('20 A found on a 15 A circuit is put right, and recorded as what was fitted', () => {
		const wrong = rated(15, 20);
		expect(planOf(wrong, here).newDevice).toMatchObject({ ratingA: 15 });
		const up = at(rated(20, 15));
		up.until('checkPart');
		const check = up.answer();
		if (check.kind !== 'checkPart') throw new Error(check.kind);
		up.say({ ...check, answers: { ...check.answers, ratingA: 20 } });
		up.until('finish');
		expect(findBox(after(up), here)!.device).toMatchObject({ ratingA: 20 });
	});
	it('is asked anew when another breaker turns out to feed it', () => {
		const recorded = fennelLaneRecorded();
		const person = sewing({
			...recorded,
			panels: recorded.panels.map((panel) => ({
				...panel,
				breakers: panel.breakers.map((breaker) =>
					breaker.id === 'b11' ? { ...breaker, ratingA: 20 } : breaker
				)
			})),
			cables: recorded.cables.map((cable) =>
				cable.circuit === 'sewing' ? { ...cable, size: '12AWG' as const } : cable
			)
		});
		person.until('checkPart');
		const check = person.answer();
		if (check.kind !== 'checkPart') throw new Error(check.kind);
		person.say({ ...check, answers: { ...check.answers, ratingA: 20 } });
		expect(person.state.part).toBe('fits');
		person.until('checkPart');
		expect(person.state.device).toBe('oldOut');
		expect(person.say({ ...check, answers: { ...check.answers, ratingA: 20 } }).ok).toBe(true);
		expect(person.state.part).toBe('misfit');
	});
});

describe('the outlet before this one', () => {
	it('hangs on nothing done here: what is wrong there is noted for it, and the box stays closed', () => {
		const person = sewing();
		person.until('checkNeighbour');
		while (nextStep(person.plan, person.state)?.kind === 'checkNeighbour') {
			const step = nextStep(person.plan, person.state) as Extract<Step, { kind: 'checkNeighbour' }>;
			person.say({ kind: 'checkNeighbour', box: step.box, works: !person.plan.upstream.includes(step.box) });
		}
		expect(person.state.redo).toBeNull();
		person.until('finish');
		expect(worries(person)).toContainEqual({ kind: 'neighbourBefore', box: 'sewing-door-wall' });
	});
	it('the one after does: it is opened again', () => {
		const person = sewing();
		person.until('checkNeighbour');
		person.say({ kind: 'checkNeighbour', box: person.plan.downstream[0]!, works: false });
		expect([person.state.redo, nextStep(person.plan, person.state)?.kind]).toEqual([
			'neighbour',
			'switchOff'
		]);
	});
});

describe('where a rule asks for more than the same again', () => {
	it('it is said first, with clause and edition, and decided before anything else', () => {
		const house = fennelLaneRecorded();
		const plan = planOf(house, 'bath-mirror');
		expect(plan.asked).toEqual({ place: 'bathroom', code: 'NEC', clause: '210.8(A)(1)', edition: '2020' });
		const person = at(house, fennelLaneActual(), 'bath-mirror', 'b12');
		person.go();
		expect(nextStep(plan, person.state)).toEqual({ kind: 'decideProtection' });
		expect(person.say({ kind: 'checkTools', tester: 'multimeter', has: [] }).ok).toBe(false);
		person.go();
		expect(person.state.decided).toBe('sameAgain');
		person.until('finish');
		expect(worries(person)).toContainEqual({ kind: 'protectionAsked', asked: plan.asked });
		expect(findBox(after(person), 'bath-mirror')!.worries).toContainEqual(
			expect.objectContaining({ note: 'protectionAsked' })
		);
	});
	it('what is guarded already, by the model, isn’t asked; nor a bedroom', () => {
		const house = fennelLaneRecorded();
		const guarded: House = {
			...house,
			panels: house.panels.map((panel) => ({
				...panel,
				breakers: panel.breakers.map((breaker) =>
					breaker.id === 'b12' ? { ...breaker, type: 'residual' as const } : breaker
				)
			}))
		};
		expect(planOf(guarded, 'bath-mirror').asked).toBeNull();
		expect(planOf(house, 'bedroom-dresser').asked).toBeNull();
		for (const box of ['porch-front', 'kitchen-bread-board', 'laundry-washer', 'greenhouse-potting-bench'])
			expect(planOf(house, box).asked?.clause).toMatch(/^210\.8\(A\)/);
	});
	it('uk: no RCD is written down, and ends nothing', () => {
		const house = tanneryRow();
		const bare: House = {
			...house,
			panels: house.panels.map((panel) => ({ ...panel, residualDevices: [] }))
		};
		const person = at(bare, bare, 'box-room-desk', 'b5', 'b5');
		person.until('finish');
		expect(worries(person)).toContainEqual({ kind: 'noResidual' });
		const covered = at(house, house, 'box-room-desk', 'b5', 'b5');
		covered.until('finish');
		expect(worries(covered)).not.toContainEqual({ kind: 'noResidual' });
	});
});

describe('the outlet’s worries after a job', () => {
	const worried = (...kinds: ('wornContacts' | 'warmPlate' | 'scorch' | 'other' | 'crackedFace')[]) =>
		withBox(fennelLaneRecorded(), east, (box) => ({
			...box,
			worries: kinds.map((kind) => ({ id: `w-${kind}`, kind, note: kind, seen: '2026-11-01' }))
		}));
	it('end where a new part ends them, and stay where it doesn’t; what was found is added once', () => {
		const person = sewing(worried('wornContacts', 'crackedFace', 'warmPlate', 'scorch', 'other'));
		person.until('inspect');
		person.say({
			kind: 'inspect',
			answers: answers({ scorchLocal: 'yes', shortButReaches: 'yes' }),
			note: ''
		});
		person.until('finish');
		const left = findBox(after(person), east)!.worries;
		expect(left.map(({ kind, note }) => [kind, note])).toEqual([
			['warmPlate', 'warmPlate'],
			['scorch', 'scorch'],
			['other', 'other'],
			['scorch', 'condition']
		]);
		expect(new Set(left.map(({ id }) => id)).size).toBe(left.length);
	});
});

it('a supply that is read low by the model is healthy inside its band, and known by its place', () => {
	const person = sewing();
	person.until('readLive');
	const expect1 = expectationsOf(person.recorded, person.plan, person.state).liveV('upper');
	expect(expect1).toBeGreaterThan(114);
	expect(points.contact(east, 'upper', 'hot')).toBe(`box:${east}/upper.hot`);
	const context = {
		plan: person.plan,
		expect: expectationsOf(person.recorded, person.plan, person.state),
		find: () => undefined
	};
	expect(
		decide(context, person.state, { kind: 'readLive', half: 'upper', reading: meter(900) })
	).toMatchObject({
		refusal: { code: 'outOfRange' }
	});
});
