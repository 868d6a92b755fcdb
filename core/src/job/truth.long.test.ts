import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Person, planOf } from '../../test/person';
import { fennelLaneActual, fennelLaneRecorded } from '../demo';
import { points, withBox, type House } from '../house';
import { readVoltageV } from '../instruments';
import { energyOf } from '../isolation';
import { nextStep, wiringDuring } from './index';

const east = 'sewing-east-wall';
const kept = ['sewing', 'music', 'attic'];

/** Three circuits of the bungalow: as good for this question as all of them, and quicker. */
function part(house: House): House {
	const cables = house.cables.filter(({ circuit }) => kept.includes(circuit));
	const ids = new Set(cables.map(({ to }) => to.box));
	return {
		...house,
		circuits: house.circuits.filter(({ id }) => kept.includes(id)),
		cables,
		boxes: house.boxes.filter(({ id }) => ids.has(id)),
		loads: []
	};
}

interface Mistake {
	readonly name: string;
	readonly make: (house: House) => House;
}
const moved = (house: House, boxId: string, cable: string, conductor: string, at: string): House =>
	withBox(house, boxId, (box) => ({
		...box,
		terminations: box.terminations.map((end) =>
			end.cable === cable && end.conductor === conductor ? { ...end, at } : end
		)
	}));

/** What can be wrong so that switching one breaker off leaves something alive, or looks dead and isn't. */
const mistakes: Mistake[] = [
	{ name: 'none', make: (house) => house },
	{
		name: 'open neutral upstream, lamp plugged in',
		make: (house) => ({
			...moved(house, 'sewing-door-wall', 'sewing-2', 'neutral', 'capped'),
			loads: [
				{ id: 'l', name: 'lamp', box: 'sewing-window-wall', half: 'upper', resistanceOhm: 240, on: true }
			]
		})
	},
	{
		name: 'two circuits joined downstream',
		make: (house) => {
			const bridge = {
				...house.cables.find(({ id }) => id === 'music-1')!,
				id: 'stray',
				to: { box: 'sewing-window-wall' }
			};
			const joined = withBox(house, 'sewing-window-wall', (box) => ({
				...box,
				terminations: [
					...box.terminations,
					{ cable: 'stray', conductor: 'hot', at: 'terminal:hotUpper' },
					{ cable: 'stray', conductor: 'neutral', at: 'terminal:neutralUpper' },
					{ cable: 'stray', conductor: 'ground', at: 'joint:ground' }
				]
			}));
			return { ...joined, cables: [...joined.cables, bridge] };
		}
	},
	{
		name: 'hot tab broken, lower half fed by another circuit',
		make: (house) => ({
			...withBox(house, east, (box) => ({
				...box,
				device: { ...box.device!, tabs: { hot: false, neutral: true } } as typeof box.device
			})),
			cables: house.cables.map((cable) => (cable.id === 'sewing-3' ? { ...cable, circuit: 'music' } : cable)),
			circuits: house.circuits
		})
	},
	{
		name: 'hot and neutral swapped upstream',
		make: (house) =>
			moved(
				moved(house, 'sewing-door-wall', 'sewing-2', 'hot', 'terminal:neutralLower'),
				'sewing-door-wall',
				'sewing-2',
				'neutral',
				'terminal:hotLower'
			)
	},
	{
		name: 'ground open upstream',
		make: (house) => moved(house, 'sewing-door-wall', 'sewing-2', 'ground', 'capped')
	},
	{
		name: 'hot open upstream: the rest floats',
		make: (house) => moved(house, 'sewing-door-wall', 'sewing-2', 'hot', 'capped')
	}
];

/** The cable to the window wall really comes from the music room's breaker: its near end is at the panel. */
const fedBack = (house: House): House => ({
	...house,
	cables: house.cables.map((cable) =>
		cable.id === 'sewing-4' ? { ...cable, circuit: 'music', from: { panel: 'main' } } : cable
	)
});

describe('proven dead is dead', () => {
	it('whatever is wrong in the wiring and whichever breakers are tried', () => {
		const recorded = part(fennelLaneRecorded());
		const actual = part(fennelLaneActual());
		const plan = planOf(recorded, east);
		let cases = 0;
		let proven = 0;
		let caught = 0;
		let notLive = 0;
		fc.assert(
			fc.property(
				fc.constantFrom('b11', 'b14', 'b10'),
				fc.constantFrom(...mistakes),
				fc.constantFrom(...mistakes),
				fc.boolean(),
				fc.shuffledSubarray(['b11', 'b14', 'b10', 'b1'], { minLength: 1 }),
				(breaker, first, second, backFed, order) => {
					cases++;
					const fed: House = {
						...actual,
						circuits: actual.circuits.map((circuit) =>
							circuit.id === 'sewing' ? { ...circuit, breaker } : circuit
						)
					};
					const wired = [first, second].reduce(
						(house, mistake) => mistake.make(house),
						backFed ? fedBack(fed) : fed
					);
					const person = new Person(recorded, wired, plan, [...order]);
					for (let count = 0; count < 60; count++) {
						const step = nextStep(plan, person.state);
						if (step?.kind === 'switchOff' && person.breakers.length === 0) break;
						if (step === null || step.kind === 'takeOff') break;
						person.go();
						if (energyOf(person.state.isolation) !== 'provenDead') continue;
						proven++;
						// The truth, by an instrument that drains what is only induced, against the panel's own ground.
						const now = wiringDuring(wired, plan, person.state);
						const reach = person.state.isolation.proof.scope === 'bare' ? plan.barePairs : plan.facePairs;
						for (const point of new Set(reach.flatMap(({ red, black }) => [red, black!])))
							expect([
								first.name,
								second.name,
								point,
								readVoltageV(now, { red: point, black: points.earth('main') }, 'lowImpedance') < 3
							]).toEqual([first.name, second.name, point, true]);
					}
					// Not live before anything was switched off: said so, and what stands for it decides.
					if (person.state.notLive.length > 0) notLive++;
					caught += person.state.isolation.notFeeding.length;
				}
			),
			drawn(20261124, 25, 800)
		);
		console.log(
			`proven dead is dead: ${cases} houses, ${proven} moments of proof, ${caught} live circuits caught by a reading, ${notLive} dead from the start`
		);
		expect(proven).toBeGreaterThan(12);
		expect(caught).toBeGreaterThan(6);
		expect(notLive).toBeGreaterThan(1);
	});
});
