import { cases as howMany, seedOf } from '../../test/draws';
import { describe, expect, it } from 'vitest';
import { arrangements, here } from '../arrangements';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow, tanneryRowActual } from '../demo';
import {
	beside,
	circuitsInBox,
	deviceModel,
	findBox,
	mainSwitch,
	points,
	withBreakers,
	type House
} from '../house';
import { readPlugLamps, readVoltageV } from '../instruments';
import { mistakesOf } from '../mistakes';
import { handsOnConductors } from '../../test/everyState';
import { Person } from '../../test/person';
import { seeded } from '../../test/searchPanels';
import { cableEnd } from '../../test/cableEnd';
import { outletBesideSwitch, switchElsewhere, twoGang, twoGangTwoCircuits } from '../../test/twoGang';
import { wishOf } from '../../test/wishes';
import { planWhole, soundLamps, type BoxWish, type Command } from '.';

const jobs = Number(process.env.JOBS ?? howMany(30, 1000));
const slipRate = 0.05;
/** Chosen: so that it comes before power goes off, with a box open, and at the end. */
const addedAt = 0.03;
const built = (kind: string): House => arrangements.find((each) => each.kind === kind)!.build();

interface Case {
	readonly name: string;
	readonly recorded: House;
	readonly actual: House;
	readonly boxes: readonly BoxWish[];
	readonly breakers: readonly [right: string, wrong: string];
	readonly earth: string;
	readonly earthElse?: string;
	/** It takes both breakers. */
	readonly both?: true;
	/** An outlet that is taken in on the way, at any time. */
	readonly added?: string;
}
/** The circuits that these jobs have to do with: as good for this question as the whole home, and quicker. */
function part(house: House, circuits: readonly string[]): House {
	const cables = house.cables.filter(({ circuit }) => circuits.includes(circuit));
	const ids = new Set(cables.map(({ to }) => to.box));
	return {
		...house,
		circuits: house.circuits.filter(({ id }) => circuits.includes(id)),
		cables,
		boxes: house.boxes.filter(({ id }) => ids.has(id)),
		loads: []
	};
}
const fennel = (box: string, boxes: readonly BoxWish[], name: string): Case => {
	const { breaker, id } = circuitsInBox(fennelLaneActual(), box)[0]!;
	const kept = [id, 'counter-right', 'porch'];
	return {
		name,
		recorded: part(fennelLaneRecorded(), kept),
		actual: part(fennelLaneActual(), kept),
		boxes,
		breakers: [breaker, 'b1'],
		earth: 'outlet:kitchen-table'
	};
};
const same = (boxId: string): BoxWish[] => [{ boxId, wish: null }];
const cases: readonly Case[] = [
	fennel('living-bookcase', same('living-bookcase'), 'same again'),
	fennel('sewing-east-wall', same('sewing-east-wall'), 'directory wrong'),
	fennel('bedroom-window', same('bedroom-window'), 'burned half'),
	fennel(
		'living-bookcase',
		[{ boxId: 'living-bookcase', wish: wishOf('gfci', 'protected') }],
		'GFCI in the middle'
	),
	fennel('music-amp-corner', [{ boxId: 'music-amp-corner', wish: wishOf('decorator') }], 'half-switched'),
	fennel(
		'reading-alcove',
		[
			{ boxId: 'reading-alcove', wish: wishOf('gfci', 'protected') },
			{ boxId: 'reading-lamp-table', wish: wishOf('duplex') }
		],
		'chain without a ground'
	),
	{
		name: 'uk reversal on a ring',
		recorded: tanneryRow(),
		actual: tanneryRowActual(),
		boxes: same('back-bedroom-door'),
		breakers: ['b5', 'b2'],
		earth: 'outlet:kitchen-fridge'
	},
	fennel(
		'laundry-shelf-left',
		[
			{ boxId: 'laundry-shelf-left', wish: null },
			{ boxId: 'laundry-folding-shelf', wish: wishOf('usb') }
		],
		'two devices in one box'
	),
	...[twoGang(), twoGangTwoCircuits()].map((recorded, k): Case => ({
		name: `two circuits in one box, ${k === 0 ? 'recorded as one' : 'as recorded'}`,
		recorded,
		actual: twoGangTwoCircuits(),
		boxes: [
			{ boxId: here, wish: wishOf('decorator') },
			{ boxId: 'after', wish: null }
		],
		breakers: ['b1', 'own'],
		earth: 'outlet:before',
		both: true
	})),
	...[outletBesideSwitch(), switchElsewhere()].map((actual, k): Case => ({
		name: `an outlet beside a wall switch, ${k === 0 ? 'as recorded' : 'the switch really on another circuit'}`,
		recorded: outletBesideSwitch(),
		actual,
		boxes: [
			{ boxId: here, wish: wishOf('decorator') },
			{ boxId: 'after', wish: 'putBack' }
		],
		breakers: ['b1', 'own'],
		earth: 'outlet:before'
	})),
	{
		name: 'decorator, through-fed',
		recorded: built('middleThrough'),
		actual: built('middleThrough'),
		boxes: [{ boxId: here, wish: wishOf('decorator') }],
		breakers: ['b1', 'b2'],
		earth: 'outlet:before'
	},
	...[false, true].map((really): Case => ({
		name: `a new outlet on a cable’s end, ${really ? 'the cable really on another circuit' : 'as recorded'}`,
		recorded: cableEnd(false),
		actual: cableEnd(really),
		boxes: [{ boxId: 'after', wish: wishOf('duplex') }],
		breakers: ['b1', 'own'],
		earth: 'outlet:before'
	})),
	{
		name: 'another outlet on the way',
		recorded: built('middleThrough'),
		actual: built('middleThrough'),
		boxes: same(here),
		breakers: ['b1', 'b2'],
		earth: 'outlet:before',
		earthElse: `outlet:${here}`,
		added: 'before'
	},
	...[outletBesideSwitch(), switchElsewhere()].map((actual, k): Case => ({
		name: `an outlet beside a wall switch on the way, ${k === 0 ? 'as recorded' : 'the switch really on another circuit'}`,
		recorded: outletBesideSwitch(),
		actual,
		boxes: same('before'),
		breakers: ['b1', 'own'],
		earth: 'outlet:before',
		// Of the one at the earth’s own outlet.
		earthElse: `outlet:${here}`,
		added: here
	}))
];

/** Somebody who gets things wrong: reads another figure than the meter shows, takes another breaker, lands elsewhere, says yes for no. */
class Slipping extends Person {
	slips = 0;
	touchedLive = 0;
	/** How many readings of the proof in force at each box were taken for others. Where each reading of one live wire is, no proof can know. */
	private readonly misread = new Map<string, number>();
	constructor(
		each: Case,
		plans: Person['whole']['plans'],
		readonly chance: () => number
	) {
		super(
			each.recorded,
			each.actual,
			plans,
			Array.from({ length: 40 }, (_, k) => each.breakers[each.both ? k % 2 : 0]!)
		);
		this.earthFrom = each.earth;
		this.earthElse = each.earthElse ?? each.earth;
		this.wrongBreaker = each.breakers[1];
	}
	readonly wrongBreaker: string;
	override answer(): Command {
		const said = super.answer();
		const { boxId } = this.plan;
		if (said.kind === 'proveTester' && said.when === 'before') this.misread.delete(boxId);
		if (this.chance() >= slipRate) return said;
		if (said.kind === 'readPair') this.misread.set(boxId, (this.misread.get(boxId) ?? 0) + 1);
		const slipped = this.slip(said);
		if (JSON.stringify(slipped) !== JSON.stringify(said)) this.slips++;
		return slipped;
	}
	private slip(said: Command): Command {
		switch (said.kind) {
			case 'switchBreaker':
				return { ...said, breaker: this.wrongBreaker };
			case 'readLive':
			case 'readPair':
			case 'proveTester':
				return 'volts' in said.reading
					? { ...said, reading: { ...said.reading, volts: said.reading.volts > 50 ? 0.3 : 118 } }
					: said;
			case 'proveEarth':
				return { ...said, lamps: { ...said.lamps, hotGround: !said.lamps.hotGround } };
			case 'readLiveGround':
				return 'lit' in said.reading
					? { ...said, reading: { ...said.reading, lit: !said.reading.lit } }
					: said;
			case 'move':
				return { ...said, held: false };
			case 'checkWork':
				return { ...said, passes: !said.passes };
			case 'readPlug':
				return { ...said, lamps: { ...said.lamps, hotGround: !said.lamps.hotGround } };
			case 'grip':
				return { ...said, holds: false };
			case 'seeControlled':
				return { ...said, lit: !said.lit };
			case 'checkNeighbour':
				return { ...said, works: !said.works };
			case 'readOhms':
				return { ...said, value: { kind: 'ohms', resistanceOhm: 0.3 } };
			case 'restorePower':
				return { ...said, held: false };
			case 'checkTools':
				return { ...said, has: [] };
			default:
				return said;
		}
	}
	override say(command: Command, options?: Parameters<Person['say']>[1]) {
		const told = (this.misread.get(this.plan.boxId) ?? 0) < 2;
		const live = told && handsOnConductors(command) && this.isLive();
		const decision = super.say(command, options);
		// On the product’s word: it accepted hands on conductors that are alive.
		if (decision.ok && live) this.touchedLive++;
		return decision;
	}
	/** Whether anything in the open box is alive, by the real wiring: one of its circuits has its breaker on. */
	private isLive(): boolean {
		const house = this.wiring;
		const on = new Set(
			house.panels.flatMap((panel) => panel.breakers.filter((each) => each.on).map(({ id }) => id))
		);
		const fed = house.panels.every(({ id }) => !this.state.isolation.off.includes(mainSwitch(id)));
		// What hangs out beside it is in reach as well.
		return (
			fed &&
			[this.plan.boxId, ...beside(this.actual, this.plan.boxId)].some((id) =>
				circuitsInBox(this.actual, id).some(({ breaker }) => on.has(breaker))
			)
		);
	}
}

/** What the model finds wrong with the house as it is left: a half without power, polarity or ground where it was promised. */
function wrongIn(one: Slipping): string[] {
	const house = one.wiring;
	return one.whole.plans.flatMap(({ boxId, newGrounded }) => {
		const on = withBreakers(
			house,
			Object.fromEntries(circuitsInBox(house, boxId).map(({ breaker }) => [breaker, true]))
		);
		const device = findBox(on, boxId)!.device!;
		return deviceModel(device).halves.flatMap((half) => {
			const lamps = readPlugLamps(on, boxId, half);
			const sound = newGrounded
				? JSON.stringify(lamps) === JSON.stringify(soundLamps)
				: lamps.hotNeutral &&
					readVoltageV(
						on,
						{ red: points.contact(boxId, half, 'hot'), black: points.contact(boxId, half, 'neutral') },
						'highImpedance'
					) > 50;
			return sound ? [] : [`${boxId} ${half} ${JSON.stringify(lamps)}`];
		});
	});
}

describe('people who slip', () => {
	it('none is told finished with a house that the model finds wrong, and none touches what is alive on the product’s word', () => {
		const ended = { finished: 0, stopped: 0, stillAtIt: 0 };
		let slips = 0;
		let refused = 0;
		let waited = 0;
		const bad: string[] = [];
		for (let seed = 0; seed < jobs; seed++) {
			const each = cases[seed % cases.length]!;
			const planned = planWhole(each.recorded, each.boxes);
			if (!planned.ok) throw new Error(`${each.name}: ${JSON.stringify(planned.failure)}`);
			const one = new Slipping(each, planned.plans, seeded(seedOf(seed)));
			for (let n = 0; n < 400 && one.state.status === 'underWay'; n++) {
				const comes = each.added !== undefined && one.whole.added.length === 0 && one.chance() < addedAt;
				if (comes) one.say({ kind: 'addBox', box: each.added, wish: null });
				const decision = one.say(one.answer());
				if (!decision.ok) refused++;
				if (one.whole.added.length > 0 && one.state.late) waited++;
				// What is found can’t be as the record has its cables: said, and that is the end of it.
				if (!decision.ok && decision.refusal.code === 'cannotPlanAnew')
					one.say({ kind: 'lookOver', asRecorded: false, note: '', landings: [] });
			}
			slips += one.slips;
			const { status } = one.state;
			ended[status === 'underWay' ? 'stillAtIt' : status]++;
			if (status === 'finished') bad.push(...wrongIn(one).map((what) => `${each.name} ${seed}: ${what}`));
			if (one.touchedLive > 0 && process.env.TRACE)
				console.log(one.events.map(({ body, judged }) => JSON.stringify([body, judged?.passes])).join('\n'));
			if (one.touchedLive > 0) bad.push(`${each.name} ${seed}: touched live ${one.touchedLive} times`);
		}
		console.log(
			`${jobs} jobs by people who slip: ${slips} slips, ${refused} of them refused at once; ${ended.finished} finished, ${ended.stopped} stopped, ${ended.stillAtIt} still at it`
		);
		expect(bad.slice(0, 10)).toEqual([]);
		expect(ended.finished).toBeGreaterThan(jobs / 3);
		expect(slips).toBeGreaterThan(jobs);
		// Some were taken in while power was off, and came to their turn.
		expect(waited).toBeGreaterThan(0);
	}, 900_000);

	it('the check can fail: a house with a mistake in it is found wrong', () => {
		const each = cases[0]!;
		const planned = planWhole(each.recorded, each.boxes);
		if (!planned.ok) throw new Error(planned.failure.code);
		const open = mistakesOf(each.actual, 'living-bookcase').find(({ id }) => id.startsWith('open.hot.here'))!;
		const one = new Slipping({ ...each, actual: open.apply(each.actual)! }, planned.plans, () => 1);
		expect(wrongIn(one).length).toBeGreaterThan(0);
	});
});
