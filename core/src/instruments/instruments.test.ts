import { describe, expect, it } from 'vitest';
import { fennelLaneActual } from '../demo';
import { points, withBox, withBreakers, type House } from '../house';
import {
	contactlessAlarms,
	indicatorMarkV,
	lampGlows,
	readIndicatorV,
	readOhms,
	readPlugLamps,
	readVoltageV,
	sameLamps
} from './index';

const house = fennelLaneActual();
const east = 'sewing-east-wall';
const window = 'sewing-window-wall';
const at = (box: string, role: 'hot' | 'neutral' | 'ground') => points.contact(box, 'upper', role);
const pair = (box: string, red: 'hot' | 'neutral', black: 'neutral' | 'ground') => ({
	red: at(box, red),
	black: at(box, black)
});
const off = withBreakers(house, { b14: false });
const without = (conductor: string): House =>
	withBox(house, east, (box) => ({
		...box,
		terminations: box.terminations.map((end) =>
			end.cable === 'sewing-3' && end.conductor === conductor ? { ...end, at: 'capped' } : end
		)
	}));

describe('instruments on the model', () => {
	it('a meter reads the supply live, nothing dead', () => {
		expect(readVoltageV(house, pair(east, 'hot', 'neutral'), 'highImpedance')).toBeGreaterThan(118);
		expect(readVoltageV(off, pair(east, 'hot', 'neutral'), 'highImpedance')).toBeLessThan(0.01);
	});

	it('an open neutral behind a plugged-in lamp reads full voltage to ground, and a lamp there is dark', () => {
		const open = {
			...without('neutral'),
			loads: [{ id: 'lamp', name: 'lamp', box: window, half: 'lower' as const, resistanceOhm: 240, on: true }]
		};
		expect(lampGlows(open, window, 'upper')).toBe(false);
		expect(readVoltageV(open, pair(window, 'neutral', 'ground'), 'highImpedance')).toBeGreaterThan(110);
		expect(readPlugLamps(open, window, 'upper')).toMatchObject({ hotGround: true, neutralGround: true });
	});

	it('a floating hot beside live neutral-bonded conductors: tens of volts at most on 10 MΩ, none on 3 kΩ', () => {
		// Hot lifted at the east wall but energised there: its capped end couples nothing on. Its far end floats between neutral and ground.
		const lifted = without('hot');
		expect(readVoltageV(lifted, pair(window, 'hot', 'neutral'), 'lowImpedance')).toBeLessThan(0.1);
		// The other way about: ground lifted beside a live hot. 5 m + 4 m of 75 pF/m against 10 MΩ ∥ 100 pF.
		const floating = withBox(house, east, (box) => ({
			...box,
			terminations: box.terminations.map((end) =>
				end.cable === 'sewing-3' && end.conductor === 'ground' ? { ...end, at: 'capped' } : end
			)
		}));
		const phantom = readVoltageV(
			floating,
			{ red: at(window, 'ground'), black: at(window, 'neutral') },
			'highImpedance'
		);
		expect(phantom).toBeGreaterThan(20);
		// What is only induced is gone with 3 kΩ, and with a lamp of 240 Ω, across it.
		for (const mode of ['lowImpedance', 'lampAcross'] as const)
			expect(
				readVoltageV(floating, { red: at(window, 'ground'), black: at(window, 'neutral') }, mode)
			).toBeLessThan(0.5);
	});

	it('a lamp joined across the tips takes nothing from what is fed', () => {
		for (const mode of ['highImpedance', 'lowImpedance', 'lampAcross'] as const)
			expect(readVoltageV(house, pair(east, 'hot', 'neutral'), mode)).toBeGreaterThan(118);
		// Behind a joint of 24 Ω a lamp of 240 Ω leaves ten parts of eleven of 120 V; the meter by itself sees nothing of the joint.
		const joint = withBox(house, east, (box) => ({
			...box,
			terminations: box.terminations.map((end) =>
				end.at === 'terminal:neutralUpper' ? { ...end, resistanceOhm: 24 } : end
			)
		}));
		const drop = (mode: 'highImpedance' | 'lampAcross') =>
			readVoltageV(joint, pair(east, 'hot', 'neutral'), mode) /
			readVoltageV(house, pair(east, 'hot', 'neutral'), mode);
		expect(drop('highImpedance')).toBeCloseTo(1, 3);
		expect(drop('lampAcross')).toBeCloseTo(10 / 11, 2);
	});

	it('ohms: open when dead, the load when one is plugged in, refused when live', () => {
		expect(readOhms(off, pair(east, 'hot', 'neutral'))).toEqual({ kind: 'overload' });
		const loaded = {
			...off,
			loads: [{ id: 'l', name: 'lamp', box: window, half: 'upper' as const, resistanceOhm: 240, on: true }]
		};
		const reading = readOhms(loaded, pair(east, 'hot', 'neutral'));
		// 240 Ω + 0.2 Ω leads + the cable to the window wall and worn contacts.
		expect(reading.kind === 'ohms' && reading.resistanceOhm).toBeCloseTo(240.4, 0);
		// Continuity beeps under 30 Ω: not at a lamp.
		expect(reading.kind === 'ohms' && reading.beeps).toBe(false);
		const live = readOhms(house, pair(east, 'hot', 'neutral'));
		expect(live.kind === 'refused' && live.liveV).toBeGreaterThan(118);
		const ground = readOhms(off, { red: at(east, 'ground'), black: points.metal(east) });
		expect(ground.kind === 'ohms' && ground.beeps && ground.resistanceOhm < 0.4).toBe(true);
	});

	it('the indicator lights its marks at 85 %', () => {
		expect([0, 10.1, 10.2, 42.4, 42.5, 102, 196].map(indicatorMarkV)).toEqual([0, 0, 12, 24, 50, 120, 230]);
		expect(readIndicatorV(house, pair(east, 'hot', 'ground'))).toBe(120);
		expect(readIndicatorV(off, pair(east, 'hot', 'ground'))).toBe(0);
	});

	it('three lamps: sound, ground open, neutral open, hot and neutral exchanged', () => {
		expect(readPlugLamps(house, window, 'upper')).toEqual({
			hotNeutral: true,
			hotGround: true,
			neutralGround: false
		});
		expect(readPlugLamps(without('ground'), window, 'upper')).toMatchObject({
			hotNeutral: true,
			neutralGround: false
		});
		expect(readPlugLamps(without('neutral'), window, 'upper')).toMatchObject({
			hotNeutral: false,
			hotGround: true
		});
		const swapped = withBox(house, window, (box) => ({
			...box,
			terminations: box.terminations.map((end) => ({
				...end,
				at: end.at.replace(/hot|neutral/, (role) => (role === 'hot' ? 'neutral' : 'hot'))
			}))
		}));
		expect(readPlugLamps(swapped, window, 'upper')).toEqual({
			hotNeutral: true,
			hotGround: false,
			neutralGround: true
		});
	});

	it('two showings of three lamps are the same only if each lamp is', () => {
		const both = [false, true];
		const all = both.flatMap((hotNeutral) =>
			both.flatMap((hotGround) => both.map((neutralGround) => ({ hotNeutral, hotGround, neutralGround })))
		);
		for (const a of all)
			for (const b of all) expect(sameLamps(a, b)).toBe(JSON.stringify(a) === JSON.stringify(b));
	});

	it('a contactless tester alarms at a live conductor, not at a dead or shielded one', () => {
		const conductor = points.conductor('sewing-2', 'hot', 'to');
		const inConduit: House = {
			...house,
			cables: house.cables.map((cable) => (cable.id === 'sewing-2' ? { ...cable, sheath: 'conduit' } : cable))
		};
		expect(contactlessAlarms(house, conductor)).toBe(true);
		expect(contactlessAlarms(inConduit, conductor)).toBe(false);
		expect(contactlessAlarms(off, conductor)).toBe(false);
	});
});
