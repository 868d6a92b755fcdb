import { describe, expect, it, test } from 'vitest';
import { meter, Person } from '../../test/person';
import { wishOf } from '../../test/wishes';
import { fennelLaneRecorded } from '../demo';
import { editHouse, type House } from '../house';
import { mustStop, planJob, plateScrewV, recordOf, showsGround, type Wished } from '.';

const wall = 'reading-stove-wall';
/** Two slots at the end of armored cable: what its metal is, end to end of each cable, Ω; `null`: joined to nothing. */
function armored(metalOhm: number | null): House {
	const made = editHouse(fennelLaneRecorded(), [
		{ do: 'setCable', cable: 'reading-5', everywhere: true, sheath: 'armoured' },
		{ do: 'setCable', cable: 'reading-5', everywhere: true, metalGround: metalOhm !== null }
	]);
	if (!made.ok) throw new Error(JSON.stringify(made.refusal));
	return {
		...made.house,
		cables: made.house.cables.map((cable) =>
			cable.metal && metalOhm !== null ? { ...cable, metal: { resistanceOhm: metalOhm } } : cable
		)
	};
}
function at(recorded: House, actual: House, wish: Wished): Person {
	const planned = planJob(recorded, wall, 'groundFirst', wish);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	const one = new Person(recorded, actual, planned.plan, ['b9', 'b9']);
	for (let n = 0; n < 20 && one.step?.kind !== 'readPlateScrew' && one.state.device === 'oldSeated'; n++)
		one.go();
	return one;
}

describe('from a slot to the screw of the plate', () => {
	it('armor that leads back lights it; armor that joins nothing, or has rusted through to hundreds of ohms, doesn’t', () => {
		expect(plateScrewV(armored(0.4), wall, 'upper')).toBeGreaterThan(115);
		expect(plateScrewV(armored(null), wall, 'upper')).toBeLessThan(3);
		// 3 kΩ across three lengths of 500 Ω each: 120 · 3000 / 4500 V.
		const rusted = plateScrewV(armored(500), wall, 'upper');
		expect(rusted).toBeGreaterThan(60);
		expect(rusted).toBeLessThan(90);
		expect(showsGround('us', meter(rusted, 'lowImpedance'))).toBe(false);
		expect(showsGround('us', { instrument: 'indicator', litV: 50 })).toBe(false);
		expect(showsGround('us', { instrument: 'indicator', litV: 120 })).toBe(true);
	});

	it('whichever slot is the hot one', () => {
		const house = armored(0.4);
		const swapped: House = {
			...house,
			boxes: house.boxes.map((box) =>
				box.id === wall
					? {
							...box,
							terminations: box.terminations.map((end) => ({
								...end,
								at: end.at.startsWith('terminal:hot')
									? end.at.replace('hot', 'neutral')
									: end.at.replace('terminal:neutral', 'terminal:hot')
							}))
						}
					: box
			)
		};
		expect(plateScrewV(swapped, wall, 'upper')).toBeGreaterThan(115);
	});

	test('relied on and lit: the job goes to its end, grounded by the box', () => {
		const one = at(armored(0.4), armored(0.4), wishOf('duplex'));
		expect(one.plan.plateScrew).toBe('reliedOn');
		expect(one.step?.kind).toBe('readPlateScrew');
		for (let n = 0; n < 200 && one.state.status === 'underWay'; n++) one.go();
		expect([one.state.status, one.state.boxLit]).toEqual(['finished', true]);
	});

	test('relied on and dark: it ends before anything is touched; read again on bare metal it goes on', () => {
		const one = at(armored(0.4), armored(null), wishOf('duplex'));
		one.go();
		expect(mustStop(one.state)).toBe('boxNotGround');
		expect(one.step).toEqual({ kind: 'stop' });
		expect(one.state).toMatchObject({ device: 'oldSeated', plate: 'on', isolation: { power: 'asFound' } });
		// It was paint.
		const again = { kind: 'readPlateScrew', half: 'upper', reading: meter(119, 'lowImpedance') } as const;
		expect(one.say(again).ok).toBe(true);
		expect([mustStop(one.state), one.step?.kind === 'stop']).toEqual([null, false]);
		// As the record has it, it passes; what was dark before didn't.
		expect(one.events.slice(-2).map(({ judged }) => judged?.passes)).toEqual([false, true]);
	});

	test('lit where the record knows of no ground: written down, and the job goes on', () => {
		const one = at(armored(null), armored(0.4), wishOf('gfci'));
		expect(one.plan.plateScrew).toBe('read');
		one.go();
		expect(mustStop(one.state)).toBeNull();
		expect(recordOf(one.plan, one.events, one.state).worries).toContainEqual({ kind: 'boxMayBeGround' });
	});

	it('a meter that draws nothing is refused, and a lamp; a floating box would fool it', () => {
		const one = at(armored(null), armored(null), wishOf('gfci'));
		const say = (reading: Parameters<typeof showsGround>[1]) =>
			one.say({ kind: 'readPlateScrew', half: 'upper', reading });
		expect(say(meter(40))).toMatchObject({ refusal: { code: 'needsCurrent' } });
		expect(say({ instrument: 'lamp', lit: true })).toMatchObject({ refusal: { code: 'lampProvesNothing' } });
		expect(say(meter(-1, 'lowImpedance'))).toMatchObject({ refusal: { code: 'outOfRange' } });
		expect(say({ instrument: 'indicator', litV: 0 }).ok).toBe(true);
		expect(one.events.at(-1)?.judged?.passes).toBe(true);
	});

	it('isn’t asked of a job begun before it was, nor where nothing is live, nor of three slots', () => {
		const dead = at(armored(null), { ...armored(null), service: { voltageV: 120, impedanceOhm: 0.1 } }, null);
		expect(dead.plan.plateScrew).toBe('read');
		const three = planJob(fennelLaneRecorded(), 'sewing-east-wall');
		expect(three.ok && three.plan.plateScrew).toBeNull();
	});
});
