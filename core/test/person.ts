import { sameValue } from './sameValue';
import { outcomeWords } from './outcomeWords';
import { deviceModel, findBox, points, type House } from '../src/house';
import { contactlessAlarms, readOhms, readPlugLamps, readVoltageV } from '../src/instruments';
import {
	applyToWhole,
	conditions,
	decideWhole,
	earthProbes,
	endsProbes,
	expectationsAt,
	foundAsRecorded,
	plannerOn,
	halfProbes,
	initialWhole,
	controlledLit,
	loadedAt,
	neutralEarthProbes,
	ownLead,
	nextAt,
	pairProbes,
	planJob,
	plateScrewV,
	ratingsWanted,
	recordOf,
	soundLamps,
	baselineProbes,
	supplyOhm,
	supplyProbes,
	supplyVolts,
	wiringDuring,
	workCheckPasses,
	type Answer,
	type Command,
	type Condition,
	type Decision,
	type JobEvent,
	type JobPlan,
	type JobState,
	type Step,
	type WholeJob,
	type SupplyWay,
	eventsAt,
	houseAfterJob
} from '../src/job';

export const planOf = (house: House, box: string, school?: 'hotFirst'): JobPlan => {
	const planned = planJob(house, box, school);
	if (!planned.ok) throw new Error(planned.failure.code);
	return planned.plan;
};
export const meter = (volts: number, mode: 'highImpedance' | 'lowImpedance' = 'highImpedance') =>
	({ instrument: 'multimeter', volts, mode }) as const;
export const answers = (yes: Partial<Record<Condition, Answer>> = {}) =>
	Object.fromEntries(conditions.map((condition) => [condition, yes[condition] ?? 'no'])) as Record<
		Condition,
		Answer
	>;

/** Everything a job asks to have at hand. */
export const tools = [
	'tester',
	'plugTester',
	'drivers',
	'stripper',
	'lockOrTape',
	'headTorch',
	'knife',
	'tape',
	'sleeving',
	'lead'
];

/** A person with everything in order, whose meter reads the real wiring. */
export class Person {
	events: JobEvent[] = [];
	whole: WholeJob;
	/** Where a known earth is fetched from, if one is needed. */
	earthFrom = 'outlet:music-piano';
	/** From where it is brought to the outlet that is fetched from otherwise. */
	earthElse: string | null = null;
	supplyWay: SupplyWay = 'dead';
	constructor(
		readonly recorded: House,
		readonly actual: House,
		plans: JobPlan | readonly JobPlan[],
		readonly breakers: string[]
	) {
		this.whole = initialWhole('boxId' in plans ? [plans] : plans, plannerOn(recorded));
	}
	/** Of the box whose turn it is. */
	get plan(): JobPlan {
		return this.whole.plans[nextAt(this.whole).at]!;
	}
	get state(): JobState {
		return this.whole.boxes[nextAt(this.whole).at]!;
	}
	get step(): Step | null {
		return nextAt(this.whole).step;
	}
	/** Where a known earth is fetched from for the box whose turn it is. */
	get earth(): string {
		const own = this.earthFrom === `outlet:${this.plan.boxId}`;
		return own && this.earthElse !== null ? this.earthElse : this.earthFrom;
	}
	/** The real wiring, as the job has left it so far: the same value for as long as it leaves it so. */
	get wiring(): House {
		const { plans, boxes } = this.whole;
		const house = plans.reduce((wired, plan, k) => wiringDuring(wired, plan, boxes[k]!), this.actual);
		if (!sameValue(house, this.#wired)) this.#wired = house;
		return this.#wired!;
	}
	#wired: House | null = null;
	say(command: Command, { at = '2026-11-24T10:00:00Z', box = this.plan.boxId } = {}): Decision {
		const context = {
			at,
			expect: (k: number) => expectationsAt(this.recorded, this.whole, k),
			find: (id: string) => this.events.find((event) => event.id === id)
		};
		const decision = decideWhole(context, this.whole, command, box);
		if (decision.ok) {
			const event: JobEvent = {
				id: `e${this.events.length + 1}`,
				at,
				...(this.whole.plans.length > 1 ? { box } : {}),
				body: decision.body,
				...(decision.judged ? { judged: decision.judged } : {})
			};
			this.events.push(event);
			this.whole = applyToWhole(this.whole, event);
		}
		return decision;
	}
	/** Where dead was proven, in order. */
	proofScopes(): string[] {
		const earlier = this.whole.earlier.map((plans) => plans[0]!);
		return recordOf(this.plan, this.events, this.state, earlier).proofs.map(({ scope }) => scope);
	}
	/** The record as the job leaves it, box after box. */
	recordAfter(on = '2026-11-26'): House {
		const { plans, boxes } = this.whole;
		return plans.reduce(
			(record, plan, k) =>
				houseAfterJob(record, plan, boxes[k]!, eventsAt(plans, this.events, k), on, outcomeWords),
			this.recorded
		);
	}
	/** Does the next step. */
	go(): void {
		const decision = this.say(this.answer());
		if (!decision.ok && decision.refusal.code === 'cannotPlanAnew') {
			// What is found can’t be as the record has its cables: said, and that is the end of it.
			this.say({ kind: 'lookOver', asRecorded: false, note: '', landings: [] });
			return;
		}
		if (!decision.ok) throw new Error(`${JSON.stringify(this.step)}: ${JSON.stringify(decision.refusal)}`);
	}
	until(kind: string): void {
		for (let count = 0; count < 400 && this.step?.kind !== kind; count++) this.go();
		if (this.step?.kind !== kind) throw new Error(`never came to ${kind}`);
	}
	/** Whether the box holds something else than the plan in force says. */
	differs(): boolean {
		const said = this.plan.foundAs ?? foundAsRecorded(this.recorded, this.plan.boxId);
		const ends = ({ terminations, tabs }: typeof said) =>
			JSON.stringify([
				terminations.map(({ cable, conductor, at }) => `${cable}/${conductor} ${at}`).sort(),
				tabs
			]);
		return ends(said) !== ends(foundAsRecorded(this.actual, this.plan.boxId));
	}
	/** What is seen without touching: cables that come into the box from outside, and ends under screws of this device. */
	counted(): { cables: number; ends: number } {
		const { actual, plan } = this;
		const boxes = [plan.boxId, ...plan.beside];
		const inside = ({ from, to }: House['cables'][number]) =>
			[to.box, 'box' in from ? from.box : ''].filter((id) => boxes.includes(id)).length;
		const here = findBox(actual, plan.boxId)!;
		const seen = new Set(boxes.flatMap((id) => findBox(actual, id)!.terminations).map(({ cable }) => cable));
		const onDevice = (at: string) => at.startsWith('terminal:');
		return {
			cables: actual.cables.filter(
				(cable) => inside(cable) < 2 && (inside(cable) === 1 || seen.has(cable.id))
			).length,
			ends: plan.newWork
				? here.terminations.length
				: [
						...here.terminations.map(({ at }) => at),
						...here.pigtails.flatMap(({ from, to }) => [from, to])
					].filter(onDevice).length
		};
	}
	/** Whether something plugged in there glows. */
	isLit(box: string): boolean {
		const { wiring } = this;
		return deviceModel(findBox(wiring, box)!.device!).halves.some(
			(half) => readPlugLamps(wiring, box, half).hotNeutral
		);
	}
	/** An outlet on the same breaker by the record where something glows. */
	litWitness(): string | null {
		return this.plan.witnesses.find((box) => this.isLit(box)) ?? null;
	}
	answer(): Command {
		const step = this.step!;
		const house = this.wiring;
		switch (step.kind) {
			case 'checkTools':
				return {
					kind: 'checkTools',
					tester: 'multimeter',
					has: tools
				};
			case 'checkPart':
				return {
					kind: 'checkPart',
					answers: {
						ratingA: ratingsWanted(this.plan, this.state.feeder)[0]!,
						tamperResistant: true,
						sameKind: true,
						grounded: true,
						undamaged: true
					}
				};
			case 'readLive':
				// Still nothing: it is dead from the start.
				if (this.state.live[step.half] === 'failed' && this.plan.deadFromStart)
					return { kind: 'deadFromStart', half: step.half, witness: this.litWitness() };
				return {
					kind: 'readLive',
					half: step.half,
					reading: meter(readVoltageV(house, halfProbes(this.plan.boxId, step.half), 'highImpedance'))
				};
			case 'deadFromStart':
				return { kind: 'deadFromStart', half: step.half, witness: this.litWitness() };
			case 'readAsFound':
				return {
					kind: 'readAsFound',
					half: step.half,
					lamps: readPlugLamps(house, this.plan.boxId, step.half),
					holds: true
				};
			case 'seeControlled': {
				return {
					kind: 'seeControlled',
					when: step.when,
					lit: controlledLit(house, this.plan.boxId, this.plan.controls!)
				};
			}
			case 'readWitness':
				return { kind: 'readWitness', box: step.box, lit: this.isLit(step.box) };
			case 'readPlateScrew':
				return {
					kind: 'readPlateScrew',
					half: step.half,
					reading: meter(plateScrewV(house, this.plan.boxId, step.half), 'lowImpedance')
				};
			case 'readLiveGround':
				return {
					kind: 'readLiveGround',
					half: step.half,
					reading: {
						instrument: 'plugTester',
						lit: readPlugLamps(house, this.plan.boxId, step.half).hotGround
					},
					touchless: contactlessAlarms(house, points.contact(this.plan.boxId, step.half, 'ground'))
						? 'alarms'
						: 'silent'
				};
			case 'proveEarth': {
				const source = this.earth;
				const box = source.slice('outlet:'.length);
				const [half] = deviceModel(findBox(house, box)!.device!).halves;
				return { kind: 'proveEarth', source, lamps: readPlugLamps(house, box, half!) };
			}
			case 'decideProtection':
				return { kind: 'decideProtection', decision: 'sameAgain' };
			case 'readGroundEarth': {
				const { black } = earthProbes(house, this.earth)!;
				const red = points.contact(this.plan.boxId, step.half, step.of);
				const mode = step.lowImpedance ? 'lowImpedance' : 'highImpedance';
				return {
					kind: 'readGroundEarth',
					half: step.half,
					of: step.of,
					reading: meter(readVoltageV(house, { red, black }, mode), mode)
				};
			}
			case 'touchSupply': {
				const probes = supplyProbes(house, this.plan, step.cable, this.state.earth);
				return {
					kind: 'touchSupply',
					cable: step.cable,
					alarms: probes !== null && contactlessAlarms(house, probes.hot)
				};
			}
			case 'trySupply':
				return {
					kind: 'trySupply',
					cable: step.cable,
					resets: workCheckPasses(house, this.plan, 'reset') === true
				};
			case 'readBaseline': {
				const reading = readOhms(house, baselineProbes(this.plan, step.group)!);
				return {
					kind: 'readBaseline',
					group: step.group,
					value:
						reading.kind === 'ohms'
							? { kind: 'ohms', resistanceOhm: reading.resistanceOhm }
							: { kind: 'overload' }
				};
			}
			case 'readEnds': {
				const reading = readOhms(house, endsProbes(this.plan, step.role)!);
				return {
					kind: 'readEnds',
					role: step.role,
					value:
						reading.kind === 'ohms'
							? { kind: 'ohms', resistanceOhm: reading.resistanceOhm }
							: { kind: 'overload' }
				};
			}
			case 'needTester':
				return { kind: 'checkTools', tester: 'multimeter', has: tools };
			case 'switchOff':
				return { kind: 'switchBreaker', breaker: step.also ?? this.breakers.shift()!, on: false };
			case 'hold':
				return { kind: 'hold', way: 'padlock' };
			case 'proveTester': {
				const probes =
					typeof this.state.earth === 'object' && earthProbes(house, this.state.earth.source ?? '');
				const volts = probes ? readVoltageV(house, probes, 'highImpedance') : 0;
				// The lead's own end, where that is alive.
				return volts > 50
					? { kind: 'proveTester', when: step.when, source: ownLead, reading: meter(volts) }
					: { kind: 'proveTester', when: step.when, source: 'provingUnit', reading: meter(240) };
			}
			case 'readPair':
				return {
					kind: 'readPair',
					pair: step.pair,
					reading: meter(
						readVoltageV(
							house,
							pairProbes(house, this.plan, step.pair, this.state.earth)!,
							step.lowImpedance ? 'lowImpedance' : 'highImpedance'
						),
						step.lowImpedance ? 'lowImpedance' : 'highImpedance'
					)
				};
			case 'lookOver':
				if (this.differs()) return { kind: 'planAnew', found: foundAsRecorded(this.actual, this.plan.boxId) };
				return {
					kind: 'lookOver',
					asRecorded: true,
					counts: this.counted(),
					note: '',
					landings: this.plan.takeOff.map(({ terminal, wires }) => ({
						terminal,
						wires: wires.map(({ id, colour, how }) => ({
							id,
							colour: id === 'sewing-3/hot' ? 'red' : colour,
							how
						}))
					}))
				};
			case 'inspect':
				return { kind: 'inspect', answers: answers(), note: '' };
			case 'readOhms':
				return {
					kind: 'readOhms',
					check: step.check,
					value:
						step.check === 'groundBox' || step.check === 'pinPlate'
							? { kind: 'ohms', resistanceOhm: 0.3 }
							: { kind: 'overload' }
				};
			case 'restorePower':
				return { kind: 'restorePower', held: true };
			case 'readPlug':
				return {
					kind: 'readPlug',
					half: step.half,
					lamps: this.plan.work ? readPlugLamps(house, this.plan.boxId, step.half) : soundLamps
				};
			case 'readOutlet': {
				const probes = neutralEarthProbes(house, this.plan.boxId, step.half, this.state.earth)!;
				return {
					kind: 'readOutlet',
					half: step.half,
					hotNeutral: meter(readVoltageV(house, halfProbes(this.plan.boxId, step.half), 'highImpedance')),
					neutralEarth: meter(readVoltageV(house, probes, 'highImpedance'))
				};
			}
			case 'readLoaded':
				return {
					kind: 'readLoaded',
					half: step.half,
					read: { kind: 'volts', ...loadedAt(house, this.plan.boxId, step.half, 1500) }
				};
			case 'checkNeighbour':
				return { kind: 'checkNeighbour', box: step.box, works: true };
			case 'fixLabel':
				return { kind: 'fixLabel', label: step.label };
			case 'grip':
				return { kind: 'grip', half: step.half, holds: true };
			case 'tidyDirectory':
				return { kind: 'tidyDirectory', label: 'sewing room' };
			case 'confirm':
				return { kind: 'confirm', step: step.step };
			case 'takeOff':
				return { kind: 'takeOff', terminal: step.terminal };
			case 'supplyWay':
				return { kind: 'supplyWay', way: step.silent ? 'live' : this.supplyWay };
			case 'readSupplyOhms':
				return {
					kind: 'readSupplyOhms',
					cable: step.cable,
					value: supplyOhm(house, this.plan, step.cable, this.state.earth)
				};
			case 'readSupplyVolts': {
				const { hotNeutralV, hotGroundV } = supplyVolts(house, this.plan, step.cable, this.state.earth);
				return {
					kind: 'readSupplyVolts',
					cable: step.cable,
					hotNeutral: meter(hotNeutralV),
					hotGround: meter(hotGroundV)
				};
			}
			case 'move':
				return { kind: 'move', move: step.move, held: true };
			case 'checkWork':
				return {
					kind: 'checkWork',
					check: step.check,
					passes: workCheckPasses(house, this.plan, step.check)!
				};
			case 'stop':
				return { kind: 'stop', reason: 'ownChoice', note: '' };
			default:
				return { kind: step.kind };
		}
	}
}
