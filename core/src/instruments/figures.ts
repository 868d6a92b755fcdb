/** What the stand-ins are made of, and the forms of what they show; reading a house with them stands in `readings`. */

/** The two tips of an instrument: names of network points (`points`). */
export interface Probes {
	readonly red: string;
	readonly black: string;
}

export const multimeterInput = { resistanceOhm: 10e6, capacitanceF: 100e-12 };
export const lowImpedanceOhm = 3000;
export const indicatorOhm = 200e3;
export const indicatorLampsV = [12, 24, 50, 120, 230] as const;
/** A lamp of the indicator lights from this share of its mark (BS EN 61243-3 asks for a clear sign well before nominal). */
export const indicatorThreshold = 0.85;
export const plugLampOhm = 100e3;
export const plugLampLitShare = 0.6;
export const ohmmeter = { leadOhm: 0.2, testV: 1, overloadOhm: 40e6, beepOhm: 30, refuseAboveV: 3 };
export const contactlessAlarmV = 50;

/** 60 W at 120 V, 60 W at 230 V: the lamp one has at hand. */
export const lampOhm = { us: 240, uk: 880 };

/** Which of the three lamps of a plug-in tester are lit. */
export interface PlugLamps {
	readonly hotNeutral: boolean;
	readonly hotGround: boolean;
	readonly neutralGround: boolean;
}

export const sameLamps = (a: PlugLamps, b: PlugLamps): boolean =>
	a.hotNeutral === b.hotNeutral && a.hotGround === b.hotGround && a.neutralGround === b.neutralGround;

/** What a person may own to find out whether something is alive. */
export const testers = [
	'multimeter',
	'lowImpedanceMeter',
	'indicator',
	'plugTester',
	'contactless',
	'lamp'
] as const;
export type TesterKind = (typeof testers)[number];
