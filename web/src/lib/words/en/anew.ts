import type { House } from '@wary/core/house';
import type { Command, LeftAsTold } from '@wary/core/job';
import { holdWords } from './energy';
import { confirmedWords, readingWords } from './events';
import { lampsWords } from './lamps';
import { capital, namedBreakers, ohmsWord, terms } from './terms';

/* A job that was begun under another procedure: what is said where it is led to a safe stop. */

export const words = {
	title: (place: string) => `Begin again · ${place} · Wary Hand`,
	heading: 'This job has to begin again',
	treatAsLive: 'TREAT AS LIVE',
	why: 'Wary Hand has changed since this job was begun: it asks for other steps now. So this job isn’t finished by the old ones. Nothing that it proved dead counts any more.',
	howItStands: 'How it stands, by what was entered',
	makeItSafe: 'Make it safe first',
	then: 'Then begin again: same outlet, same plan. The new job starts with power and proof.',
	beginAnew: 'That is done: end this job and begin again',
	endOnly: 'That is done: end this job only',
	kept: 'What you entered is kept',
	keptWhy: 'It goes on the record of this job. The new job takes its own readings.',
	nothingEntered: 'Nothing was entered yet.',
	unreadEntry: 'An entry that this version can’t read',
	cannotBegin:
		'This job is ended. A new one can’t be begun here just now: open the outlet’s plan, which says why.',
	toPlan: 'Open the plan',
	worry:
		'A job that was begun under another procedure ended here with the box open: treat it as live until it is proven dead',
	history: 'A job begun under another procedure was ended; nothing of its work is on record',
	endedWhy: 'Begun under another procedure, and ended before it was finished.',
	tellElectrician: 'What was done in the box isn’t known. Treat it as live.',
	group: 'As it was entered',
	noProof: 'What it proved dead doesn’t count any more'
};

/** How a job of another procedure stands, in sentences. */
export function leftLines(house: House, { off, hold, tagged, opened, unread }: LeftAsTold): string[] {
	const t = terms[house.region];
	return [
		off.length > 0
			? `${capital(namedBreakers(house, off))}: switched off${hold ? `, ${holdWords[hold]}` : ', not held'}${tagged ? ', tagged' : ''}.`
			: `No ${t.breaker} was switched off, or all are on again.`,
		opened ? 'The box was opened. Wires may be bare, and loose.' : `The ${t.outlet} was never opened.`,
		...(unread > 0
			? [
					`${unread === 1 ? 'One entry' : `${unread} entries`} can’t be read by this version: the box may be open.`
				]
			: [])
	];
}

/** What makes it safe, in the order in which it is done. */
export function safeLines(house: House, { off, hold, opened }: LeftAsTold): string[] {
	const t = terms[house.region];
	if (!opened)
		return off.length > 0
			? [
					`Leave the ${t.outlet} shut.`,
					`Take lock and tag off, and switch ${namedBreakers(house, off)} on again. The new job reads the ${t.outlet} live first.`
				]
			: [`Leave the ${t.outlet} shut. There is nothing else to make safe.`];
	return [
		'Keep your hands out of the box. Nobody touches a wire, capped or bare.',
		off.length > 0
			? `At the ${t.panel}: look that ${namedBreakers(house, off)} is off${hold ? ' and still held' : ', and hold it off'}, with your tag on it.`
			: `At the ${t.panel}: switch the ${t.breaker} off that feeds it, hold it off and hang your tag on it. If you don’t know which, switch the main switch off.`,
		'Hold the plate over the opening by its edges, or stand something in front of it. Children and pets stay away.'
	];
}

/** What was entered, by its kind alone: which wires, terminals and cables it meant only its own procedure knows. */
const kindWords: Readonly<Record<Exclude<Command['kind'], 'confirm'>, string>> = {
	decideProtection: 'Decided on protection',
	checkTools: 'Tools laid out',
	checkPart: 'New part checked',
	readLive: 'Read live first',
	readLiveGround: 'Ground tried',
	readPlateScrew: 'Plate screw read',
	readAsFound: 'Tried as found',
	deadFromStart: 'Dead from the start',
	readWitness: 'Watched elsewhere',
	seeControlled: 'What the switch works',
	readGroundEarth: 'Ground read to a known ground',
	proveEarth: 'Known ground tried',
	searchBy: 'Search set up',
	searched: 'Search for the breaker',
	arranged: 'Seen to before switching off',
	switchBreaker: 'Breaker switched',
	hold: 'Held off',
	proveTester: 'Tester proved',
	readPair: 'Pair read',
	amendVolts: 'Reading put right',
	lookOver: 'Looked over',
	planAnew: 'Planned from what was found',
	landAt: 'Landed elsewhere',
	addBox: 'Outlet taken in',
	dropBox: 'Outlet left out',
	foundConductor: 'Conductor found',
	inspect: 'Condition looked at',
	autopsy: 'Old part looked at',
	takeOff: 'Wires taken off',
	move: 'Move made',
	checkWork: 'New part tried',
	supplyWay: 'Way to find the supply',
	touchSupply: 'Contactless tester at a cable',
	trySupply: 'Supply tried by the part',
	readBaseline: 'Circuit read by itself',
	readEnds: 'Read end to end',
	readSupplyOhms: 'Cable read by resistance',
	readSupplyVolts: 'Cable read by voltage',
	cap: 'Ends capped',
	reopen: 'Opened again',
	readOhms: 'Read by resistance',
	restorePower: 'Power switched on',
	readPlug: 'Plug-in test',
	readOutlet: 'Outlet read',
	readLoaded: 'Read with a load',
	checkNeighbour: 'Neighbour tried',
	grip: 'Grip tried',
	fixLabel: 'Label put on',
	tidyDirectory: 'Directory put right',
	changed: 'Something changed',
	note: 'Note',
	stop: 'Stopped',
	finish: 'Finished'
};

export const entryWords = (body: Command, house: House): string =>
	body.kind === 'confirm' ? confirmedWords(house.region)[body.step] : kindWords[body.kind];

/** The figure of an entry, where it has one. */
export function figureWords(body: Command, house: House): string {
	if ('reading' in body) return readingWords(body.reading);
	if ('value' in body) return ohmsWord(body.value.kind === 'ohms' ? body.value.resistanceOhm : null);
	if ('lamps' in body) return lampsWords(body.lamps, house.region);
	if (body.kind === 'switchBreaker') return `${namedBreakers(house, body.breaker)} ${body.on ? 'on' : 'off'}`;
	return '';
}
