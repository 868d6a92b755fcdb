import type { BenchEvent, BenchFailure, BenchFileProblem, Layer, MeterMode } from '@wary/core/bench';
import { echo } from '@wary/core/text';
import { describePath, describeProblem, describeShape } from './problems';
import type { House, Trip } from '@wary/core/house';
import type { TouchBand } from '@wary/core/instruments';
import type { Mistake } from '@wary/core/mistakes';
import { kindWords } from './devices';
import {
	boxPlace,
	capital,
	colourWords,
	howWords,
	ohmsWord,
	sizeWords,
	terminalWord,
	terms,
	namedBreakers
} from './terms';

/** Why the bench refuses something, and what to do. */
export function benchRefusalWords(refusal: BenchFailure, house: House): string {
	const { region } = house;
	switch (refusal.code) {
		case 'noProtection':
			return 'There is no test button on this device.';
		case 'arcsNotModelled':
			return 'This device guards against arcs only, and arcs aren’t modelled: its button does nothing here. On a real one it has to trip.';
		case 'wontReset':
			return 'It won’t stay in: there is no power at its supply side. Is the breaker on, and is the supply cable on the supply side?';
		case 'notTripped':
			return 'It isn’t tripped; there is nothing to reset.';
		case 'unknown':
			return `There is no ${refusal.what} “${refusal.id}” here.`;
		case 'noMetal':
			return 'The box is plastic: nothing can be joined to it.';
		case 'noDevice':
			return 'There is no device in the box.';
		case 'terminalFull':
			return `The ${terminalWord(region, refusal.terminal)} takes ${refusal.takes} wire${refusal.takes === 1 ? '' : 's'} by ${howWords[refusal.how]}. Splice them and bring a pigtail.`;
		case 'notHeldThatWay':
			return `The ${terminalWord(region, refusal.terminal)} has no such hold; it has: ${refusal.ways.join(', ')}.`;
		case 'conductorTooBig':
			return `${sizeWords(refusal.size)} is too big for the ${howWords[refusal.how]}, which takes up to ${sizeWords(refusal.largest)}.`;
		case 'aluminiumPushIn':
			return 'Aluminium never goes into a push-in spring.';
		case 'noTab':
			return `There is no ${refusal.which === 'hot' ? terms[region].hot : terms[region].neutral}-side bridge to break off: broken already, or not on this device.`;
		case 'noSwitch':
			return 'This device has no switch.';
		case 'deviceInUse':
			return `${refusal.wires} wire${refusal.wires === 1 ? ' sits' : 's sit'} on terminals that would be gone. Take ${refusal.wires === 1 ? 'it' : 'them'} off first.`;
		case 'jointInUse':
			return `${refusal.wires} wire${refusal.wires === 1 ? ' is' : 's are'} in it. Take ${refusal.wires === 1 ? 'it' : 'them'} out first.`;
		case 'idTaken':
			return `“${refusal.id}” is there already.`;
		case 'cableUnnamed':
			return 'The cable needs a name.';
		case 'tooManyCables':
			return `More than ${refusal.most} cables don’t go into one box.`;
		case 'cableGoesOn':
			return 'The cable goes on to a box that others hang on. Cap its ends instead.';
		case 'sizeNotMade':
			return `${sizeWords(refusal.size)} house cable isn’t made in ${refusal.material}.`;
		case 'halfTaken':
			return 'Something is plugged in there. Unplug it first.';
		case 'mistakeNotHere':
			return 'That mistake can’t be made with the wiring as it is now.';
		case 'nothingToUndo':
			return 'Nothing left to undo.';
		case 'nothingToRedo':
			return 'Nothing to do again.';
	}
}

/** What is wrong with a bench file. */
export function benchProblemWords(problem: BenchFileProblem): string {
	switch (problem.code) {
		case 'notABench':
			return 'This is no bench file: it doesn’t begin with “format”: “wary-hand/bench”.';
		case 'fromTheFuture':
			return `The file is of version ${problem.version}; this application knows up to ${problem.known}. Update it, or save the bench for the older version.`;
		case 'shape':
			return `${describePath(problem.path)}: ${describeShape(problem)}.`;
		case 'house':
			return `In the house of the file, ${describePath(problem.problem.path)}: ${describeProblem(problem.problem)}.`;
		case 'noSuchBox':
			return `The house in the file has no box “${echo(problem.box)}”.`;
		case 'doneBeyondEnd':
			return 'The file says more was done than it holds.';
		case 'event':
			return `Step ${problem.at + 1} of the file can’t be done: ${problem.refusal.code}.`;
	}
}

export const layerWords: Record<Layer, { readonly name: string; readonly means: string }> = {
	none: { name: 'Wires', means: 'Colours as one sees them.' },
	current: { name: 'Current', means: 'Thickness by current, the arrow by its direction at one instant.' },
	potential: { name: 'Volts to earth', means: 'Every conductor against earth. Hatched: 50 V and more.' },
	guards: {
		name: 'Protection',
		means: 'What opens when a hot leaks to earth, and how fast. Double line: guarded. Dashes: nothing opens.'
	},
	touch: {
		name: 'A hand here',
		means:
			'From a hand to earth through 1000 Ω, before anything opens. Ring: felt. Heavy ring: can’t let go. Filled: can stop the heart.'
	}
};
/** Layers in the order of their keys, 1 to 5. */
export const layers = Object.keys(layerWords) as Layer[];

export const meterWords: Record<MeterMode, string> = {
	volts: 'V, 10 MΩ',
	lowImpedance: 'V, 3 kΩ',
	ohms: 'Ω',
	indicator: 'two-probe indicator',
	contactless: 'contactless, at the red tip'
};

export const touchWords: Record<TouchBand, string> = {
	nothing: 'not felt',
	felt: 'felt',
	cantLetGo: 'can’t let go',
	heart: 'can stop the heart'
};

const causeWords: Record<Trip['cause'], string> = {
	shortCircuit: 'a short circuit',
	overload: 'an overload',
	residual: 'a current that doesn’t come back',
	groundedNeutral: 'a neutral that touches ground behind it'
};

/** What opened, by what, how fast: “Breaker 1 opens after 0.02 s: a short circuit, 215 A.” */
export function tripWords(trip: Trip, house: House, when: 'happened' | 'coming'): string {
	const who =
		trip.where === 'breaker'
			? `${capital(namedBreakers(house, trip.device))}`
			: trip.where === 'residualDevice'
				? `RCD ${trip.device}`
				: `The device at ${boxPlace(house, trip.device)}`;
	const amps =
		trip.currentA < 1
			? `${(trip.currentA * 1000).toFixed(1)} mA`
			: `${trip.currentA.toFixed(trip.currentA < 10 ? 1 : 0)} A`;
	return `${who} ${when === 'happened' ? 'opened' : 'would open'} after ${secondsWord(trip.afterS)}: ${causeWords[trip.cause]}, ${amps}.`;
}

export const secondsWord = (seconds: number): string =>
	seconds < 1
		? `${seconds.toFixed(2)} s`
		: seconds < 90
			? `${seconds.toFixed(1)} s`
			: `${Math.round(seconds / 60)} min`;

/** A mistake of the catalogue in a line. */
export function mistakeWords(
	{ kind, roles, where }: Pick<Mistake, 'kind' | 'roles' | 'where'>,
	house: House
): string {
	const t = terms[house.region];
	const role = roles.map((each) => t[each]);
	const at = { here: 'here', upstream: 'in the box before', downstream: 'in the next box' }[where];
	switch (kind) {
		case 'open':
			return `${capital(role[0]!)} open, ${at}`;
		case 'loose':
			return `${capital(role[0]!)} joint loose, ${at}`;
		case 'insulationUnderScrew':
			return `Insulation under the ${role[0]} screw, ${at}`;
		case 'swapped':
			return `${capital(role[0]!)} and ${role[1]} swapped, ${at}`;
		case 'neutralGroundJoined':
			return `Neutral joined to ${t.ground} at the device`;
		case 'joinedBehindSwapped':
			return `Neutral joined to ${t.ground} behind swapped conductors`;
		case 'sidesReversed':
			return `Supply and load exchanged, ${at}`;
		case 'hotsReversed':
			return `Only the ${t.hot}s exchanged between supply and load, ${at}`;
		case 'neutralsReversed':
			return `Only the neutrals exchanged between supply and load, ${at}`;
		case 'neutralOnSupplySide':
			return `Outgoing neutral on the supply side, ${at}`;
		case 'neutralTouchesGround':
			return `Neutral touches ${t.ground}, ${at}`;
		case 'tabKept':
			return `Bridge kept on the ${role[0]} side`;
		case 'tabBroken':
			return `Bridge broken on the ${role[0]} side`;
		case 'switchedExchanged':
			return `Switched and constant ${t.hot} exchanged`;
		case 'sharedNeutralOpen':
			return 'Shared neutral open before this box';
		case 'wrongBreaker':
			return `Fed by another ${t.breaker} than recorded`;
		case 'fedTwice':
			return `Another circuit joined to the ${role[0]}, ${at}`;
		case 'ringLegOpen':
			return `Ring open: ${role[0]} of the other leg`;
		case 'ringCrossConnected':
			return 'Ring cross-connected with another circuit';
		case 'spurFromSpur':
			return 'A spur from a spur';
		case 'boxNotEarthed':
			return `Metal box not joined to ${t.ground}`;
		case 'hotTouchesBox':
			return `${capital(t.hot)} touches the metal box`;
	}
}

/** Where an end is: “upper brass screw”, “joint of 3”, “capped”. */
export function placeWords(at: string, house: House): string {
	if (at === 'capped') return 'capped';
	if (at === 'bare') return 'free, bare end';
	if (at === 'box') return 'the metal of the box';
	const [kind, name] = at.split(':') as [string, string];
	return kind === 'joint' ? `joint ${name}` : terminalWord(house.region, name);
}

/** One thing done at the bench, for the list of what was done. */
export function benchEventWords(event: BenchEvent, house: House): string {
	const wire = (cable: string, conductor: string): string => {
		const found = house.cables.find(({ id }) => id === cable)?.conductors.find(({ id }) => id === conductor);
		return `${found ? colourWords[found.colour] : conductor} of ${cable}`;
	};
	switch (event.kind) {
		case 'land':
			return `${capital(wire(event.cable, event.conductor))} → ${placeWords(event.at, house)}`;
		case 'landTail':
			return `Pigtail ${event.tail} → ${placeWords(event.at, house)}`;
		case 'strip':
			return `${capital(wire(event.cable, event.conductor))} stripped ${event.mm} mm`;
		case 'mark':
			return `${capital(wire(event.cable, event.conductor))} marked ${event.tape ? `with ${colourWords[event.tape]} tape` : ''} ${event.text}`.trim();
		case 'joint':
			return `Joint of ${wire(event.cable, event.conductor)}: ${typeof event.state === 'number' ? ohmsWord(event.state) : event.state}`;
		case 'touch':
			return `${capital(wire(event.cable, event.conductor))} ${event.touches ? 'touches' : 'clear of'} the box`;
		case 'makeTail':
			return `Pigtail ${event.tail} made`;
		case 'removeTail':
			return `Pigtail ${event.tail} removed`;
		case 'makeJoint':
			return `Joint ${event.joint}, ${howWords[event.how]}`;
		case 'removeJoint':
			return `Joint ${event.joint} removed`;
		case 'breakTab':
			return `${capital(terms[house.region][event.which])}-side bridge broken off`;
		case 'fit':
			return `${kindWords(event.device)} fitted`;
		case 'takeOut':
			return 'Device taken out';
		case 'material':
			return `${capital(event.material)} box`;
		case 'turnSwitch':
			return `Switch ${event.on ? 'on' : 'off'}`;
		case 'breaker':
			return `${capital(namedBreakers(house, event.id))} ${event.on ? 'on' : 'off'}`;
		case 'residualDevice':
			return `RCD ${event.id} ${event.on ? 'on' : 'off'}`;
		case 'plug':
			return `${capital(event.what)} plugged in`;
		case 'unplug':
			return 'Unplugged';
		case 'pressTest':
			return 'Test button pressed';
		case 'pressTester':
			return 'Button of the plug-in tester pressed';
		case 'reset':
			return 'Reset';
		case 'mistake': {
			const [kind, ...rest] = event.id.split('.');
			return `Mistake made: ${kind} ${rest.join(' ')}`;
		}
		case 'addCable':
			return `Cable ${event.id} brought in`;
		case 'removeCable':
			return `Cable ${event.id} taken out`;
	}
}
