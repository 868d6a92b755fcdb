export const words = {
	watts: 'Watts marked on it',
	without: 'without it',
	running: 'while it runs',
	neutralGround: { us: 'neutral to ground, running', uk: 'neutral to earth, running' },
	expect: (volts: string) => `expect about ${volts}`,
	sound: (ohm: string) => `${ohm} Ω on the way here: no more than wire and good joints explain.`,
	take: 'Take the readings',
	save: 'Save them',
	noLoad: 'No such load at hand',
	notNow: 'Not now',
	allNeeded: 'Watts and both readings are needed. Neutral to ground may stay empty.',
	wattsRange: (from: number, to: number) => `A load of ${from} to ${to} W shows something.`
};
