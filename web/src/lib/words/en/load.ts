import { findBox, placeName, type House } from '@wary/core/house';
import type { CircuitLoad, LoadWarning } from '@wary/core/sums';
import { terms } from './terms';

/** Watts and amps as one says them. */
export const wattsWord = (watts: number): string => `${Math.round(watts)} W`;
export const ampsWord = (amps: number): string => `${Math.round(amps * 10) / 10} A`;

export const words = {
	title: (home: string) => `Load: ${home}`,
	load: 'Load',
	lead: 'What is plugged in, by the watts on its label, against each breaker. All of it is taken to run at once; where hours are given, the day is shown below.',
	none: 'No circuit is on record yet. Add breakers and circuits on the House page first.',
	of: (total: string, limit: string) => `${total} of ${limit}`,
	usual: '80 %',
	bar: (name: string, total: string, limit: string) => `${name}: ${total} of ${limit}`,
	with: (total: string) => `with it: ${total}`,
	unknown: (count: number) =>
		count === 1
			? 'One thing without watts: not in the sum.'
			: `${count} things without watts: not in the sum.`,
	things: (count: number) => (count === 1 ? '1 thing plugged in' : `${count} things plugged in`),
	nothing: 'Nothing is on record here.',
	charger: (place: string) => `USB at ${place}`,
	chargerDraws: (watts: string, printed: boolean) =>
		`draws up to ${watts} with every port in use, ${printed ? 'by what is printed on it' : 'by what is usual'}`,
	chargerGives: 'Watts of all its ports, printed on it',
	chargerGivesAt: (place: string) => `Watts of all USB ports at ${place}`,
	chargerRange: (from: number, to: number) => `Watts from ${from} to ${to}, or nothing.`,
	setCharger: (place: string) => `USB at ${place}: watts`,
	what: 'What',
	where: 'Where',
	watts: 'Watts on its label',
	wattsOf: (name: string) => `Watts of ${name}`,
	pluggedInAt: (name: string) => `${name} is plugged in at`,
	movedLine: (name: string, place: string) => `${name}: at ${place}`,
	movedTo: (name: string, place: string, breaker: string, total: string, limit: string) =>
		`${name} is at ${place} now. There, ${breaker}: ${total} of ${limit}.`,
	from: 'Runs from',
	to: 'to',
	fromOf: (name: string, again: number) => `${name} runs${again > 0 ? ' again' : ''} from`,
	toOf: (name: string, again: number) => `${name} runs${again > 0 ? ' again' : ''} to`,
	andAgain: 'And again',
	andAgainOf: (name: string) => `${name}: and again`,
	hoursSame: 'It begins and ends at the same minute: leave both empty where it may run at any time.',
	long: 'runs three hours and more',
	longOf: (name: string) => `${name} runs three hours and more`,
	wattsRange: 'Watts from 0.1 to 10,000, or nothing.',
	tryIt: 'Before you plug something in',
	add: 'Write it down',
	added: (name: string) => `${name} plugged in`,
	set: (name: string) => `${name}: watts`,
	setHours: (name: string) => `${name}: hours`,
	fits: 'It fits.',
	motor: (from: number, to: number) =>
		`A motor or compressor draws ${from} to ${to} times its running current as it starts: a breaker that opens then is no proof of a fault.`,
	points: (outlets: number, room: number) =>
		`${outlets} outlets on it; the rule of thumb (1.5 A each, at 80 %) has room for ${room}. It is no law in a dwelling: what is really plugged in counts.`,
	gone: (name: string) => `${name} isn’t plugged in any more`,
	isGone: (name: string) => `${name} gone`
};

/** What is wrong, or close to it. */
export function loadWarningWords(warning: LoadWarning, house: House, of: CircuitLoad): string {
	const t = terms[house.region];
	const place = (id: string): string => {
		const box = findBox(house, id);
		return box ? placeName(house, box) : id;
	};
	switch (warning.code) {
		case 'over':
			return `More than the ${t.breaker} carries: ${ampsWord(warning.countedA)} of ${ampsWord(warning.limitA)}${warning.countedA > of.totalA ? ', what runs for hours counted a quarter more' : ''} (${warning.source}). It will open, and should.`;
		case 'overUsual':
			return `Within the ${t.breaker}, and over the ${ampsWord(warning.usualA)} that are good practice (80 %): ${ampsWord(warning.totalA)}.`;
		case 'cord':
			return `${of.lines.find(({ load }) => load === warning.load)?.name ?? ''}: ${ampsWord(warning.amps)} on one cord, of at most ${ampsWord(warning.mostA)} (${warning.source}). This outlet isn’t for it.`;
		case 'outlet':
			return `${place(warning.box)}: ${ampsWord(warning.amps)} at one ${t.outlet}, of at most ${ampsWord(warning.mostA)} in all.`;
	}
}

export const dayWords = {
	title: 'Through a day',
	peak: (most: string, when: string, together: string, less: boolean) =>
		`${most} at most, ${when}.${less ? ` All together it would be ${together}: the hours keep some of it apart, as long as they are kept.` : ''}`,
	label: (most: string, when: string, breaker: string) =>
		`Amps through a day, hour by hour: at most ${most}, ${when}, of ${breaker}.`,
	key: 'Amps by the hour. Thick: at most. Dotted: by its hours alone. Dashed: what the breaker carries, and 80 % of it.',
	hours: 'Hours',
	running: 'Runs then',
	byHours: 'by its hours',
	atMost: 'at most',
	nothing: '–',
	thought: 'what you think of',
	anyTime: (amps: string) => `What has no hours may come on at any time: ${amps}, in every line of “at most”.`
};

export const dropWords = {
	title: 'Volts lost on the way',
	lead: (amps: string) =>
		`By the cables alone, with ${amps} at that outlet and wires as warm as they may get. Joints come on top: a test with a load tells.`,
	outlet: 'Outlet',
	cable: 'Cable from the panel',
	drop: 'Lost there',
	metres: (m: number) => `${Math.round(m * 10) / 10} m`,
	volts: (volts: number, share: number) => `${volts.toFixed(1)} V, ${(share * 100).toFixed(1)} %`,
	most: (share: number, source: string) => `At most ${share * 100} % is good practice (${source}).`,
	over: 'More than that is lost on this run: motors run hot on it and heaters stay lukewarm. A thicker cable is an electrician’s.',
	tested: 'Where a bad joint sits',
	how: 'A kettle, heater or hair-dryer of known watts; volts at the same outlet without it and with it on. Two outlets and more tell which stretch loses what its cable doesn’t explain.',
	where: 'Outlet',
	watts: 'Watts of it',
	offV: 'Volts without',
	onV: 'Volts with it on',
	keep: 'Write it down',
	saved: 'Written down',
	found: 'What each stretch loses beyond its cable',
	wattsRange: (from: number, to: number) => `Watts from ${from} to ${to}: less shows nothing of a joint.`,
	voltsRange: 'Volts from 50 to 300.',
	rises: 'More volts with the load on than without can’t be: another outlet, or the two exchanged.',
	between: (after: string | null, box: string) =>
		after === null ? `From the panel to ${box}` : `${after} to ${box}`,
	bad: (heatW: number, after: string | null, box: string) =>
		`More than its cable explains: ${heatW} W of heat at that load, in one joint or several. Look at ${after === null ? `${box}; the breaker’s own terminal is an electrician’s` : `${after}, where it leads on, and at ${box}`}. Until then nothing large is plugged in behind it.`,
	sound: 'No stretch loses more than its cable explains, as far as these tests can tell.'
};
