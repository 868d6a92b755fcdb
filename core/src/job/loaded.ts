import { regions, type Region } from '../rules';

/** A load of known watts plugged in: volts hot to neutral without and with it, and neutral to ground with it on (`null`: no ground, or not read). */
export interface LoadedReading {
	readonly watts: number;
	readonly offV: number;
	readonly onV: number;
	readonly neutralGroundV: number | null;
}

/** A kettle draws three kilowatts where the mains gives 230 V; under this a meter sees nothing of a bad joint, W (chosen). */
export const loadFromW = 400;
export const loadToW = 3500;

/** What a load is by itself, Ω: watts are marked at the nominal voltage. */
export const loadOhm = (region: Region, watts: number): number =>
	regions[region].supply.nominalV ** 2 / watts;

/** Where nothing is left with the load on it is reckoned with this, V (chosen: what a meter still tells from nothing). */
const leastV = 0.1;

/** What feeds an outlet, out and back, Ω, by Ohm’s law from the drop; and what flowed, A. */
export function feedOf(region: Region, { watts, offV, onV }: LoadedReading): { ohm: number; amps: number } {
	const amps = onV / loadOhm(region, watts);
	return { ohm: (offV - onV) / amps, amps };
}

export interface LoadedVerdict {
	/** Out and back, as measured and as the model has it, Ω. */
	readonly ohm: number;
	readonly expectedOhm: number;
	/** Made as heat in what shouldn’t be there, W; 0 where nothing is. */
	readonly heatW: number;
	/** `high`: a poor joint somewhere between panel and here. */
	readonly feed: 'sound' | 'high';
	/** `none`: nothing where current flows back (neutral and ground meet here); `high`: more than the neutral’s own length explains. */
	readonly neutral: 'sound' | 'none' | 'high' | 'unread';
}

/** Beyond what the model says: half as much again and 0.15 Ω, for plugs, good joints and mains that move by a volt between two readings (chosen). */
const allowedOhm = (expectedOhm: number): number => expectedOhm * 1.5 + 0.15;
/** From where a healthy neutral shows plainly, V (chosen); under this share of it part of the current flows back by the ground: joined one outlet away it is 30 to 70 %. */
const plainV = 0.5;
const joinedBelowShare = 0.6;

/** Judges a loaded test against what the model shows with the same load. */
export function judgeLoaded(region: Region, read: LoadedReading, model: LoadedReading): LoadedVerdict {
	const { ohm, amps } = feedOf(region, { ...read, onV: Math.max(read.onV, leastV) });
	const expectedOhm = feedOf(region, model).ohm;
	const high = ohm > allowedOhm(expectedOhm);
	const [ng, expectedV] = [read.neutralGroundV, model.neutralGroundV];
	const neutral =
		ng === null || expectedV === null
			? 'unread'
			: expectedV >= plainV && ng < joinedBelowShare * expectedV
				? 'none'
				: ng > 2 * expectedV + 1
					? 'high'
					: 'sound';
	return {
		ohm,
		expectedOhm,
		heatW: high ? amps * amps * (ohm - expectedOhm) : 0,
		feed: high ? 'high' : 'sound',
		neutral
	};
}
