import type { Region } from './regions';

/** What one knows of breakers before any is tried: how likely a rating stands before a general outlet, and words that name something else. */
export const searchRules: Record<
	Region,
	{
		readonly ratingWeight: (ratingA: number) => number;
		readonly twoPoleWeight: number;
		readonly otherThings: readonly string[];
	}
> = {
	us: {
		// NEC 210.21(B)(3): general receptacles stand on 15 and 20 A circuits.
		ratingWeight: (ratingA) => (ratingA <= 20 ? 1 : ratingA <= 30 ? 0.02 : 0.005),
		twoPoleWeight: 0.05,
		otherThings: [
			'range',
			'oven',
			'stove',
			'dryer',
			'heater',
			'furnace',
			'ac',
			'condenser',
			'heat',
			'charger',
			'ev',
			'light',
			'lights',
			'lighting',
			'fan',
			'smoke',
			'well',
			'dishwasher',
			'disposal'
		]
	},
	uk: {
		// Socket circuits are rings at 32 A and radials at 16 to 32 A; 6 and 10 A are lights and alarms.
		ratingWeight: (ratingA) =>
			ratingA > 32 ? 0.005 : ratingA >= 30 ? 1 : ratingA >= 20 ? 0.7 : ratingA >= 16 ? 0.4 : 0.02,
		twoPoleWeight: 0.05,
		otherThings: [
			'cooker',
			'oven',
			'hob',
			'shower',
			'immersion',
			'boiler',
			'heating',
			'light',
			'lights',
			'lighting',
			'alarm',
			'alarms',
			'smoke',
			'charger',
			'ev',
			'fan'
		]
	}
};
