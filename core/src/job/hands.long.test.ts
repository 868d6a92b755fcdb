import { cases, seedOf } from '../../test/draws';
import { describe, expect, it } from 'vitest';
import { handsOnConductors } from '../../test/everyState';
import { hiddenFaults, lender, type HiddenFaults } from '../../test/hiddenFaults';
import { meter, Person } from '../../test/person';
import { seeded } from '../../test/searchPanels';
import { cablesInBox, deviceModel, findBox, points, settle, type Half, type House } from '../house';
import { indicatorMarkV, touchCurrentsMa, voltageBetweenV } from '../instruments';
import { liveAboveV, type VoltReading } from '../isolation';
import { wishOf } from '../../test/wishes';
import { planWhole, type Command } from '.';

/** `HOUSES` says how many else. */
const houses = Number(process.env.HOUSES) || cases(500, 20_000);
/** Through a person from what is touched to true earth, mA: under it nobody is thrown off a ladder (chosen, as the issue of this test asks). */
const harmfulMa = 5;
/** A job has no more steps than this. */
const mostSteps = 400;

/** One who answers honestly from the wiring as it is, with the instruments they have. */
class Honest extends Person {
	touchless: 'works' | 'none' = 'works';
	/** After so many readings its battery is flat: it shows nothing, until it is found out. */
	diesAfter = Infinity;
	/** A two-probe indicator: it knows marks, and none under 12 V. */
	byIndicator = false;
	override answer(): Command {
		const { step } = this;
		if (step?.kind === 'switchOff' && step.also === null) {
			const { off, power } = this.state.isolation;
			const tried = power === 'off' || power === 'unknown' ? off : [];
			const next = [...this.breakers, this.plan.mainSwitch].find((id) => !tried.includes(id));
			if (next === undefined) return { kind: 'stop', reason: 'unsure', note: '' };
			return { kind: 'switchBreaker', breaker: next, on: false };
		}
		const shown = super.answer();
		const flat = shown.kind === 'readPair' && this.diesAfter-- <= 0;
		if (shown.kind === 'proveTester' && this.diesAfter < 0) {
			this.diesAfter = Infinity;
			return { ...shown, reading: meter(0) };
		}
		const taken = flat ? { ...shown, reading: meter(0) } : shown;
		const said = this.byIndicator ? withIndicator(taken) : taken;
		if (said.kind === 'readLiveGround' && this.touchless !== 'works')
			// One that stays silent at the live slot too is no tester.
			return { ...said, touchless: 'none' };
		return said;
	}
}

/** What an indicator shows in place of a meter; it hands over to one where it is drained. */
function withIndicator(said: Command): Command {
	if (said.kind === 'checkTools' && said.tester !== 'none')
		return { ...said, tester: 'indicator', has: [...said.has, 'provingUnit', 'multimeter'] };
	const marked = (reading: VoltReading): VoltReading =>
		reading.instrument === 'multimeter' && reading.mode === 'highImpedance'
			? { instrument: 'indicator', litV: indicatorMarkV(reading.volts) as 0 }
			: reading;
	if ('reading' in said) return { ...said, reading: marked(said.reading) } as Command;
	if (said.kind === 'readOutlet')
		return { ...said, hotNeutral: marked(said.hotNeutral), neutralEarth: marked(said.neutralEarth) };
	return said;
}

/** All bare metal of a box: ends of conductors, terminals of what is in it, the box itself. A device is drawn out by its yoke or its edges: nothing behind it is touched. */
function inReach(house: House, at: readonly string[], said: Command): string[] {
	const drawn = said.kind === 'reopen' || (said.kind === 'confirm' && said.step === 'easeOut');
	return at.flatMap((id) => {
		if (drawn) return [points.metal(id)];
		const box = findBox(house, id)!;
		const device = box.device ? deviceModel(box.device).terminals.map(({ name }) => name) : [];
		return [
			...cablesInBox(house, id).flatMap(({ cable, end }) =>
				cable.conductors.map((each) => points.conductor(cable.id, each.id, end))
			),
			...device.map((name) => points.terminal(id, name)),
			points.metal(id)
		];
	});
}

/** What flows through a hand in the box, mA. */
function throughAHandMa(house: House, at: readonly string[], said: Command): number {
	const { network, house: settled } = settle(house);
	return Math.max(0, ...touchCurrentsMa(settled, network, inReach(house, at, said)).values());
}

/** What a finished outlet that passed every test would hide. */
function hiddenAt(house: House, id: string, halves: readonly Half[]): string[] {
	const { network, house: settled, solution } = settle(house);
	const metal = [points.metal(id), ...halves.map((half) => points.contact(id, half, 'ground'))];
	const alive = Math.max(0, ...touchCurrentsMa(settled, network, metal).values()) > harmfulMa;
	const toEarth = (half: Half, role: 'hot' | 'neutral') =>
		voltageBetweenV(solution, points.contact(id, half, role), points.earth(house.panels[0]!.id));
	return [
		...(alive ? ['metal alive'] : []),
		...(halves.some((half) => toEarth(half, 'neutral') > liveAboveV) ? ['neutral alive'] : []),
		...(halves.some((half) => toEarth(half, 'hot') < liveAboveV) ? ['hot not alive'] : [])
	];
}

interface Told {
	readonly hurt: string | null;
	/** `finished` and everything passed; `open`: finished, and told what is still wrong. */
	readonly end: 'finished' | 'open' | 'stopped' | 'refused' | 'endless';
	/** Finished as if all were well, and it isn't. */
	readonly hidden?: readonly string[];
}

const wishes = {
	us: [null, null, wishOf('gfci', 'protected'), wishOf('decorator', 'pigtails'), wishOf('usb')],
	uk: [null]
} as const;
const pick = <Item>(items: readonly Item[], random: () => number): Item =>
	items[Math.floor(random() * items.length)]!;

function work({ recorded, actual, at }: HiddenFaults, random: () => number): Told {
	const planned = planWhole(
		recorded,
		at.map((boxId) => ({ boxId, wish: at.length > 1 ? null : pick(wishes[recorded.region], random) })),
		'groundFirst'
	);
	if (!planned.ok) return { hurt: null, end: 'refused' };
	const order = recorded.panels[0]!.breakers.map(({ id }) => ({ id, key: random() }))
		.sort((a, b) => a.key - b.key)
		.map(({ id }) => id);
	const right = planned.plans[0]!.recordedBreaker;
	const breakers = random() < 0.7 ? [right, ...order.filter((id) => id !== right)] : order;
	const person = new Honest(recorded, actual, planned.plans, breakers);
	person.earthFrom = `outlet:${lender}`;
	const drawn = random();
	person.byIndicator = random() < 0.4;
	if (random() < 0.15) person.diesAfter = Math.floor(random() * 12);
	person.touchless = drawn < 0.5 ? 'works' : 'none';
	for (let count = 0; count < mostSteps; count++) {
		const { plans, boxes } = person.whole;
		if (boxes[0]!.status === 'stopped') return { hurt: null, end: 'stopped' };
		if (boxes[0]!.status === 'finished') {
			const passed = boxes.every(
				({ final, loaded }) => Object.values(final).every((each) => each === 'passed') && loaded !== 'failed'
			);
			const hidden = passed
				? plans.flatMap(({ boxId, newHalves }) => hiddenAt(person.wiring, boxId, newHalves))
				: [];
			return { hurt: null, end: passed ? 'finished' : 'open', hidden };
		}
		const said = person.answer();
		if (handsOnConductors(said)) {
			const ma = throughAHandMa(person.wiring, at, said);
			if (ma > harmfulMa)
				return {
					hurt: `${said.kind} ${JSON.stringify(person.step)} with ${ma.toFixed(0)} mA`,
					end: 'stopped'
				};
		}
		try {
			const decision = person.say(said);
			if (!decision.ok) {
				// More or other than the record has: said so.
				if (said.kind !== 'planAnew' && decision.refusal.code !== 'countsDiffer')
					throw new Error(`${JSON.stringify(said)} ${JSON.stringify(decision.refusal)}`);
				person.say({ kind: 'lookOver', asRecorded: false, note: '', landings: [] });
			}
		} catch (error) {
			throw new Error(`${JSON.stringify(person.step)}`, { cause: error });
		}
	}
	return { hurt: null, end: 'endless' };
}

describe('whatever is hidden in a house, nobody who answers honestly has a hand on what is alive', () => {
	it(`in ${houses} random houses, by the current through a person`, () => {
		const random = seeded(seedOf(20261202));
		const ends = { finished: 0, open: 0, stopped: 0, refused: 0, endless: 0 };
		const hurt: object[] = [];
		const hidden: object[] = [];
		let sound = 0;
		let soundUnfinished = 0;
		for (let k = 0; k < houses; k++) {
			const house = hiddenFaults(random);
			const told = work(house, random);
			ends[told.end]++;
			if (house.faults.length === 0 && told.end !== 'refused') {
				sound++;
				if (told.end !== 'finished') soundUnfinished++;
			}
			if (told.hidden && told.hidden.length > 0)
				hidden.push({ k, kind: house.kind, faults: house.faults, hidden: told.hidden });
			if (told.hurt) hurt.push({ k, kind: house.kind, faults: house.faults, hurt: told.hurt });
		}
		console.log(
			`hands: ${houses} houses, ${JSON.stringify(ends)}; of ${sound} sound ones ${soundUnfinished} not finished`
		);
		expect(hurt.slice(0, 10)).toEqual([]);
		expect(hidden.slice(0, 10)).toEqual([]);
		expect(ends.endless).toBe(0);
		expect(soundUnfinished).toBeLessThanOrEqual(0.02 * sound);
	}, 7_200_000);
});
