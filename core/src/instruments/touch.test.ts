import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fennelLaneActual, tanneryRow } from '../demo';
import { arrangements } from '../arrangements';
import { compileHouse, mainPanel, points, withBox, withBreakers, type House } from '../house';
import {
	guardOf,
	lampGlows,
	lampOhm,
	leakMa,
	personOhm,
	readVoltageV,
	touchBand,
	touchBandsMa,
	touchCurrentsMa
} from './index';

const house = fennelLaneActual();
const east = 'sewing-east-wall';
const at = (role: 'hot' | 'neutral' | 'ground', box = east) => points.contact(box, 'upper', role);
const currents = (of: House, ...where: string[]) => touchCurrentsMa(of, compileHouse(of), where);

describe('what a hand would feel', () => {
	it('falls into the bands of IEC 60479-1, each begun at its figure', () => {
		expect([0, 0.49, 0.5, 9.99, 10, 29.99, 30, 500].map(touchBand)).toEqual([
			'nothing',
			'nothing',
			'felt',
			'felt',
			'cantLetGo',
			'cantLetGo',
			'heart',
			'heart'
		]);
	});
	it('never falls while the current rises', () => {
		const order = ['nothing', 'felt', 'cantLetGo', 'heart'];
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 400, noNaN: true }),
				fc.double({ min: 0, max: 400, noNaN: true }),
				(a, b) => {
					const [low, high] = a < b ? [a, b] : [b, a];
					return order.indexOf(touchBand(low)) <= order.indexOf(touchBand(high));
				}
			),
			drawn(20)
		);
	});
	it('is volts over a thousand ohms: as many milliamperes as a meter reads volts to ground', () => {
		const felt = currents(house, at('hot'), at('neutral'), at('ground'));
		const volts = readVoltageV(
			house,
			{ red: at('hot'), black: points.earth(mainPanel(house).id) },
			'highImpedance'
		);
		expect(personOhm).toBe(1000);
		expect(felt.get(at('hot'))! / volts).toBeCloseTo(1, 2);
		expect(felt.get(at('hot'))!).toBeGreaterThan(touchBandsMa.heart);
		expect(felt.get(at('neutral'))!).toBeLessThan(touchBandsMa.felt);
		expect(felt.get(at('ground'))!).toBeLessThan(touchBandsMa.felt);
	});
	it('is nothing behind an open breaker, and a number all the same', () => {
		const felt = currents(withBreakers(house, { b14: false }), at('hot')).get(at('hot'))!;
		expect(felt).toBeGreaterThanOrEqual(0);
		expect(felt).toBeLessThan(touchBandsMa.felt);
	});
	it('is asked only of places that there are, and not of earth itself', () => {
		const network = compileHouse(house);
		const felt = touchCurrentsMa(house, network, [at('hot'), 'nowhere', network.reference]);
		expect([...felt.keys()]).toEqual([at('hot')]);
	});
});

it('a plugged-in lamp glows from half its voltage up, and stays dark on what only floats', () => {
	expect(lampGlows(house, east, 'upper')).toBe(true);
	expect(lampGlows(withBreakers(house, { b14: false }), east, 'upper')).toBe(false);
	// With the neutral open it hangs between hot and nothing.
	const open = withBox(house, east, (box) => ({
		...box,
		terminations: box.terminations.map((end) => (end.conductor === 'neutral' ? { ...end, open: true } : end))
	}));
	expect(lampGlows(open, east, 'upper')).toBe(false);
	// A joint of 150 Ω leaves a lamp of 240 Ω about 74 V of 120, and one of 400 Ω 45 V.
	const joint = (resistanceOhm: number) =>
		withBox(house, east, (box) => ({
			...box,
			terminations: box.terminations.map((end) =>
				end.conductor === 'neutral' && end.at === 'terminal:neutralUpper' ? { ...end, resistanceOhm } : end
			)
		}));
	expect([150, 400].map((ohm) => lampGlows(joint(ohm), east, 'upper'))).toEqual([true, false]);
});

describe('what guards a place', () => {
	it('is asked with a leak that has to open what protects people, and that no hand is held by', () => {
		// UL class A trips at 6 mA; from 10 mA a hand can't let go. BS EN 61008: 30 mA marked must open at 30, and an RCD of 100 mA need not at 50.
		expect(leakMa.us).toBeGreaterThan(6);
		expect(leakMa.us).toBeLessThan(touchBandsMa.cantLetGo);
		expect(leakMa.uk).toBeGreaterThan(30);
		expect(leakMa.uk).toBeLessThan(50);
	});
	it('is nothing on a plain us circuit, the GFCI before it on a guarded one', () => {
		expect(guardOf(house, at('hot'))).toEqual({ state: 'none' });
		const behind = arrangements.find(({ kind }) => kind === 'behindGfci')!.build();
		const guard = guardOf(behind, points.contact('here', 'upper', 'hot'));
		expect(guard).toMatchObject({ state: 'guarded', where: 'outlet' });
		// UL 943: (20/8)^1.43 s at 8 mA, 3.7 s.
		expect(guard.state === 'guarded' && guard.afterS).toBeLessThan(3.8);
	});
	it('is the RCD in a uk consumer unit, within 0.3 s', () => {
		const uk = tanneryRow();
		const guard = guardOf(uk, points.contact('box-room-desk', 'left', 'hot'));
		expect(guard).toMatchObject({ state: 'guarded', where: 'residualDevice' });
		expect(guard.state === 'guarded' && guard.afterS).toBeLessThanOrEqual(0.3);
	});
	it('is the GFCI at its own face as well', () => {
		const behind = arrangements.find(({ kind }) => kind === 'behindGfci')!.build();
		expect(guardOf(behind, points.contact('before', 'upper', 'hot'))).toMatchObject({
			state: 'guarded',
			where: 'outlet',
			device: 'before'
		});
	});
	it('is not asked where there is no voltage', () => {
		expect(guardOf(house, at('neutral'))).toEqual({ state: 'dead' });
		expect(guardOf(withBreakers(house, { b14: false }), at('hot'))).toEqual({ state: 'dead' });
	});
});

it('the lamp at hand draws sixty watts at its own voltage', () => {
	expect(120 ** 2 / lampOhm.us).toBeCloseTo(60, 0);
	expect(230 ** 2 / lampOhm.uk).toBeCloseTo(60, 0);
});
