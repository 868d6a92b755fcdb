import { findBreaker, type House } from '@wary/core/house';
import { deadBelowV } from '@wary/core/isolation';
import { waysFor, type Carried, type JobPlan, type JobState, type Step, type VisitId } from '@wary/core/job';
import { regions } from '@wary/core/rules';
import {
	boxPlace,
	breakerName,
	breakerNames,
	capital,
	colourWords,
	findPair,
	halfWords,
	howWords,
	pairWords,
	roleWord,
	shortWire,
	terminalWord,
	terms
} from './terms';

/** What a step says: what to do, how, and why; a rule with its source where there is one. */
export interface StepWords {
	readonly title: string;
	readonly lead: string;
	readonly why: string;
	readonly rule?: string;
}

export interface Telling {
	readonly house: House;
	readonly plan: JobPlan;
	readonly state: JobState;
}

export function stepWords(step: Step, telling: Telling): StepWords {
	const { house, plan, state } = telling;
	const { region } = plan;
	const t = terms[region];
	const uk = region === 'uk';
	switch (step.kind) {
		case 'confirm':
			return confirmWords(step.step, telling);
		case 'checkTools':
			return {
				title: 'Lay out what you need',
				lead: 'Tick what lies in front of you. Nothing is begun until all of it does.',
				why: 'Every walk back for a driver is a walk away from an open box. And without a tester that reads volts between two points, nothing here can be proven dead.'
			};
		case 'checkPart':
			return {
				title: `Check the new ${t.outlet}`,
				lead: 'Read the marks on the part in your hand, not on the packet.',
				why: uk
					? 'Like for like: a 13 A socket to BS 1363, shuttered, of the same kind, fits what is behind it without changing the circuit.'
					: 'A 15 A circuit takes 15 A outlets only. In a dwelling a replacement has to be tamper-resistant nearly everywhere, and grounding where the box has a ground.',
				rule: uk ? 'BS 7671 553.1; BS 1363-2' : 'NEC 2020 406.4(D)(1), 406.4(D)(5), 406.12; table 210.21(B)(3)'
			};
		case 'readLive':
			return {
				title: `Live first: ${halfWords[step.half]}`,
				lead: `Power still on. Tips into the ${uk ? 'line and neutral' : 'two upright'} slots of the ${halfWords[step.half]}, fingers behind the guards.`,
				why: `A tester that reads nothing before and nothing after has shown nothing. Seen live here first, the same slots going dead later means something.${plan.halves.length > 1 ? ' Both halves, because they can be fed by two breakers.' : ''}`
			};
		case 'readLiveGround':
			return {
				title: `Is the ${t.ground} here a ${t.ground}?`,
				lead: uk
					? 'Power still on. Line to earth should light. Then a contactless tester at the earth contact: it should be silent.'
					: 'Power still on. Hot to ground should light. Then a contactless tester at the ground slot and the plate screw: it should be silent.',
				why: `Later, every wire is read to ${t.ground}. If this ${t.ground} is open somewhere it floats, and everything read to it looks dead. A plain meter is fooled by a floating one, because it draws nothing; a lamp is not. And behind swapped conductors the metalwork itself can be alive while every lamp looks right: only a contactless tester at the ${t.ground}, or a reading to a known one, tells.`
			};
		case 'needTester':
			return {
				title: 'Stop here until you have a tester',
				lead: `Nothing behind the ${t.plate} may be touched on the word of a lamp. The job keeps: borrow or buy one of these, then go on from here.`,
				why: 'A lamp, a plug-in tester and a contactless tester each miss something that can hurt you; the instruments page shows what, on the model. A reading between two points, with a tester that was proved, does not.',
				rule: uk ? 'HSE GS38' : 'NFPA 70E 120.5'
			};
		case 'proveEarth':
			return {
				title: `Bring a known ${t.ground}`,
				lead: `Plug an extension lead into an ${t.outlet === 'outlet' ? 'outlet' : 'socket'} on another circuit that is good, and bring its other end here. First, there: is ${t.hot} to ${t.ground} lit?`,
				why: `The ${t.ground} in this box didn’t show that it is one. What is read to it would prove nothing. The lead’s ${t.ground} takes its place, and the ${t.ground} here is read to it like any other wire.`
			};
		case 'switchOff':
			return switchOffWords(telling, step.also);
		case 'hold':
			return {
				title: 'Hold it off',
				lead: 'A clip and padlock with the only key in your pocket is best. Say what you have used.',
				why: 'Somebody else turning it back on is how people who did everything else right get hurt. Tape and a closed door ask others to behave; a padlock doesn’t ask.',
				rule: uk ? 'HSE GS38; Electricity at Work Regulations 1989, reg. 13, as good practice' : 'NFPA 70E art. 120, as good practice'
			};
		case 'proveTester':
			return step.when === 'before'
				? {
						title: 'Prove the tester',
						lead: uk
							? 'On the proving unit, or at a socket you know is live on another circuit. Not on the one you have switched off.'
							: `At an ${t.outlet} you know is live on another circuit, or on a proving unit. Not on the one you have switched off.`,
						why: 'A flat battery and a dead circuit look the same. The tester shows that it works before it is believed, and again after.',
						rule: uk ? 'HSE GS38' : 'NFPA 70E 120.5'
					}
				: {
						title: 'Prove the tester again',
						lead: 'The same live source as before. It must show it again.',
						why: 'Had it failed between the first proof and now, every zero it showed would be worth nothing.',
						rule: uk ? 'HSE GS38' : 'NFPA 70E 120.5'
					};
		case 'readPair':
			return pairStepWords(step, telling);
		case 'lookOver':
			return {
				title: 'See how each wire sits',
				lead: 'Look, don’t pull. Compare with the drawing, put right what differs, take a photograph, mark the cables with tape.',
				why: 'In ten minutes they will all be loose and look alike. Colours are a hint, never a proof: which terminal a wire came from is what counts.'
			};
		case 'inspect':
			return {
				title: 'Look for trouble',
				lead: 'Head-torch, close up. Say what you see; if you can’t tell, say that.',
				why: 'Heat, age and aluminium make a swap into a job for an electrician. Better to learn it while everything is still as it was.',
				rule: uk ? 'BS 7671 526 (connections), 522' : 'NEC 2020 110.12(B), 110.14, 300.14'
			};
		case 'takeOff': {
			const landing = plan.takeOff.find(({ terminal }) => terminal === step.terminal)!;
			const wires = landing.wires.map((wire) => shortWire(house, plan, wire)).join(' and ');
			return {
				title: `Off: ${terminalWord(region, step.terminal)}`,
				lead: `Loosen the screw and free the ${wires}.${landing.wires.some(({ how }) => how === 'pushIn') ? ' Push-in: narrow blade in the slot beside the hole, pull straight.' : ''} Bend it away from the others.`,
				why: `${capital(t.hot)} comes off first and ${t.ground} last, so that the protective path is there as long as anything else is.`
			};
		}
		case 'terminate': {
			const landing = plan.putOn.find(({ terminal }) => terminal === step.terminal)!;
			const ways = waysFor(plan, step.terminal);
			return {
				title: `On: ${landing.wires.map((wire) => shortWire(house, plan, wire)).join(' and ')}`,
				lead: wayLead(ways[0] === 'pillar', landing.wires.length),
				why: `${landing.role === 'ground' ? `${capital(t.ground)} goes on first: from now on the protective path is there.` : 'A loose screw heats. The torque printed on the device is what its maker tested.'} ${uk ? 'Terminals sit differently from model to model: read the marks L, N and earth.' : 'Brass is hot, silver is neutral, green is ground. Seen from the back, left and right swap.'}`,
				rule: uk ? 'BS 7671 526.2' : 'NEC 2020 110.14(A), (D)'
			};
		}
		case 'tug':
			return {
				title: 'Tug it',
				lead: `Hold the device, pull each wire at the ${terminalWord(region, step.terminal)} firmly. It must not move.`,
				why: 'A wire that looks clamped and isn’t is the commonest bad joint there is.'
			};
		case 'reopen':
			return {
				title: 'Ease it out again',
				lead: `The ${roleWord(region, 'hot')} joints come apart in the other order; first out of the box, by its ends, not by its terminals.`,
				why: reopenWhy(state)
			};
		case 'readOhms':
			return resistanceWords(step.check, telling);
		case 'restorePower':
			return {
				title: 'Power on',
				lead: `Lock and tag off, stand to one side, face turned away, switch ${state.isolation.off.map((id) => breakerName(house, id)).join(' and ')} on. Did it hold?`,
				why: 'If it trips at once it has found a short. It stays off: switching it on again feeds the fault.'
			};
		case 'readPlug':
			return {
				title: `Final test: ${halfWords[step.half]}`,
				lead: `Plug the three-lamp tester into the ${halfWords[step.half]}. Say which lamps are lit.`,
				why: `Three lamps cannot see everything: ${t.neutral} and ${t.ground} swapped look right to them. The readings you took wire by wire cover that.`
			};
		case 'readOutlet':
			return {
				title: `Final test: ${halfWords[step.half]}`,
				lead: 'Two readings: narrow slot to wide slot, then wide slot to the known ground at the lead. No three-lamp tester fits two slots.',
				why: 'Hot to neutral says that there is power. Neutral to a known ground says that the slots aren’t swapped: a swapped pair reads the same between its own two slots.',
				rule: 'NEC 2020 406.4(D)(2)(a), 200.11'
			};
		case 'checkNeighbour':
			return {
				title: `Next ${t.outlet}: ${boxPlace(house, step.box)}`,
				lead: 'Plug in a lamp or the tester. Does it work as before?',
				why: 'Its current passes through the joints you have just made. If it is dark, the through connection is open here.'
			};
		case 'grip':
			return {
				title: `Grip: ${halfWords[step.half]}`,
				lead: 'Push a plug home and let the cord hang. It should hold, and take a firm pull to come out.',
				why: 'Worn contacts were why this began. New ones that don’t grip are a faulty part.'
			};
		case 'tidyDirectory':
			return {
				title: 'Write the truth into the directory',
				lead: findBreaker(house, state.feeder ?? plan.recordedBreaker)
					? `${capital(t.breaker)} ${breakerName(house, state.feeder ?? plan.recordedBreaker)} feeds ${boxPlace(house, plan.boxId)}: proven today. What should its line say?`
					: `The main switch took everything, so nothing was learnt of the single ${t.breaker}s. The line of ${breakerName(house, plan.recordedBreaker)} stays as it is; search for the right one another day.`,
				why: 'The next person at the panel, perhaps you in the dark, will believe what is written there.',
				rule: uk ? 'BS 7671 514.9.1' : 'NEC 2020 408.4(A)'
			};
		case 'finish':
			return {
				title: 'Done',
				lead: 'Everything tested. Finishing writes the record and closes the job.',
				why: 'A finished record can’t be changed afterwards, by anybody. That is what makes it worth showing.'
			};
		case 'cap':
			return {
				title: 'Make the ends safe',
				lead: 'A connector or cap on every bare end, each on its own, then fold them back into the box.',
				why: 'You are about to leave. A capped end that comes alive by mistake hurts nobody.'
			};
		case 'stop':
			return {
				title: 'Stop here',
				lead: 'Everything stays as it is, off and tagged. The record says what was found, for whoever goes on.',
				why: 'Stopping is a result. What you found is worth more than a finished swap over it.'
			};
	}
}

function confirmWords(step: Extract<Step, { kind: 'confirm' }>['step'], { plan, house }: Telling): StepWords {
	const t = terms[plan.region];
	const uk = plan.region === 'uk';
	switch (step) {
		case 'cautions':
			return {
				title: 'Before anything else',
				lead: 'Read these once. They hold for the whole job.',
				why: 'Most people who are hurt at an outlet had switched something off first.'
			};
		case 'tag':
			return {
				title: 'Hang the tag',
				lead: 'Your name, today’s date and time, “do not switch on”. On the lock, or taped over the breaker.',
				why: 'It tells the next person that the dark is on purpose.'
			};
		case 'tell':
			return {
				title: 'Tell the house',
				lead: 'Everyone at home knows that it is off, why, and that nobody touches the panel.',
				why: 'Clocks, router, freezer: somebody will go looking. Better they know.'
			};
		case 'plateOff':
			return {
				title: 'Plate off',
				lead: 'Cut the paint line round the plate, take the screw out, keep it. Lift the plate away.',
				why: 'Pulled without cutting, the plate takes the wall with it.'
			};
		case 'easeOut':
			return uk
				? {
						title: 'Ease the socket out',
						lead: 'Undo both screws and keep them. Draw the face out square, by its edges, without touching a terminal. No force: the cables are behind it.',
						why: 'What was proven dead is the contacts. The conductors behind come into reach now, and are proven next.'
					}
				: {
						title: 'Ease the outlet out',
						lead: 'Undo the two yoke screws. Draw the outlet out by its yoke, top and bottom, without touching a terminal.',
						why: 'What was proven dead is the contacts. The conductors behind come into reach now, and are proven next.'
					};
		case 'prepare':
			return uk
				? {
						title: 'Make the ends ready',
						lead: 'Cut back damaged copper. Strip 8 to 10 mm. Bare earths: green-and-yellow sleeving on each. Thin single conductors doubled over.',
						why: 'Too little bare copper and the screw bites insulation; too much and it shows outside the terminal.',
						rule: 'BS 7671 514.4.2 (identification), 526'
					}
				: {
						title: 'Make the ends ready',
						lead: 'Cut back damaged metal. Strip to the gauge on the new device, usually 5/8 in. Notch of the wire’s own size. Hooks open clockwise.',
						why: 'Too little bare and the screw bites insulation; too much and it can touch the box. The wrong notch nicks the copper, and it breaks there later.',
						rule: 'NEC 2020 110.14'
					};
		case 'unusedScrews':
			return {
				title: 'Drive in the unused screws',
				lead: 'Turn every screw that holds nothing all the way in.',
				why: 'A screw that sticks out is the first thing to touch the box.'
			};
		case 'tape':
			return {
				title: 'Tape round the device',
				lead: 'One turn of electrical tape over the terminal screws.',
				why: 'The box is metal. Tape keeps a screw from touching its side as the device goes in.'
			};
		case 'fold':
			return {
				title: 'Fold the wires in',
				lead: `${capital(t.ground)} deepest, then ${t.neutral}, then ${t.hot}, in accordion bends.${uk ? '' : ' Nothing behind the yoke’s ears.'}`,
				why: 'A wire pinched behind the yoke is a short that waits.'
			};
		case 'tugAgain':
			return {
				title: 'Tug every wire again',
				lead: 'After folding, each wire once more, gently.',
				why: 'Bending works wires loose that held while they were straight.'
			};
		case 'seat':
			return uk
				? {
						title: 'Screw it home',
						lead: 'Start both screws by hand before tightening either. Level it at the adjustable lug. No wire trapped behind the face.',
						why: 'Too long a screw bottoms out, or reaches a cable behind the box.'
					}
				: {
						title: 'Seat the outlet',
						lead: 'Push it straight in, yoke screws by hand, level and flush. The plate stays off until it is tested.',
						why: 'Tested before the plate goes on, a wrong joint is still in reach.'
					};
		case 'clearArea':
			return {
				title: 'Clear the area',
				lead: `Hands, tools, children and pets away from ${boxPlace(house, plan.boxId)}. Nothing plugged in there.`,
				why: 'From the next step on it is live on purpose. Nobody touches it until it is tested.'
			};
		case 'nothingLeft':
			return {
				title: 'Nothing left hanging',
				lead: `Clip, padlock, tape and tag are off. Every ${t.breaker} that was tried is on again. Lead and lamp are unplugged.`,
				why: 'A lock that is forgotten gets cut, and a tag that means nothing teaches people to ignore tags.'
			};
		case 'plateOn':
			return {
				title: 'Plate on',
				lead: 'Plate screw only. The outlet behind it is live: the driver stays in the screw. A metal plate: switch off first.',
				why: 'Snug, not tight. An overtightened plate cracks.'
			};
	}
}

function switchOffWords({ house, plan, state }: Telling, also: string | null): StepWords {
	const t = terms[plan.region];
	const { isolation } = state;
	if (also !== null) {
		const because = plan.together.find(({ breaker }) => breaker === also)?.because;
		return {
			title: `${capital(breakerName(house, also))} has to be off too`,
			lead:
				because === 'sharedNeutral'
					? `By the record it shares its neutral with ${breakerNames(house, isolation.off)}. Both off before the box is opened.`
					: `By the record its circuit is in this box as well. Both off before the box is opened.`,
			why:
				because === 'sharedNeutral'
					? 'A shared neutral carries the other circuit’s current. Opened while that one is on, it comes alive, and what hangs on the two circuits can get the voltage of both.'
					: 'Switching one off leaves the other alive, in the same box, on the same device.',
			rule: plan.region === 'uk' ? 'BS 7671 314.4' : 'NEC 2020 210.4(B), 210.7'
		};
	}
	const last = isolation.notFeeding.at(-1);
	if (isolation.power === 'tripped')
		return {
			title: 'It tripped: leave it off',
			lead: `Move ${t.breaker} ${isolation.off.map((id) => breakerName(house, id)).join(', ')} fully to off. Don’t try it again.`,
			why: 'Opening at once means it met a short circuit or a fault to earth. The joints you made are the first suspects.'
		};
	if (isolation.power === 'unknown')
		return {
			title: 'Back to the panel',
			lead: `Look at ${t.breaker} ${isolation.off.map((id) => breakerName(house, id)).join(', ')}. Put it fully to off, whatever you find.`,
			why: 'Something happened that could have put power back. What was proven before no longer counts.'
		};
	if (isolation.power === 'restored')
		return {
			title: 'Off again',
			lead: `Switch ${t.breaker} ${breakerName(house, state.feeder ?? plan.recordedBreaker)} off. The box has to be opened once more.`,
			why: 'A test did not come out right. Nothing is put right alive.'
		};
	if (last !== undefined)
		return {
			title: `Not ${breakerName(house, last)}: find the other`,
			lead: `With ${breakerName(house, last)} off the ${t.outlet} stayed live, whatever its label says. Put ${breakerName(house, last)} back on, and try another.`,
			why: `Directories are often wrong: circuits get added and moved, labels don’t. Those of another rating are set back: a swap usually happens between equals.`
		};
	const recorded = findBreaker(house, plan.recordedBreaker);
	return {
		title: `Switch off ${breakerName(house, plan.recordedBreaker)}`,
		lead: `The directory says “${recorded?.label || 'nothing'}”. Tap the ${t.breaker} you have switched off.`,
		why: 'It may be the wrong one: the label is a claim. What it does at the outlet is what counts, and that is read next.'
	};
}

function pairStepWords(step: Extract<Step, { kind: 'readPair' }>, { house, plan, state }: Telling): StepWords {
	const pair = findPair(plan, step.pair, state.earth);
	const t = terms[plan.region];
	const title = pair?.red.endsWith('/metal')
		? `The metal of the box to known ${t.ground}`
		: capital(pairWords(house, plan, step.pair, state.earth));
	const face = state.isolation.proof.scope === 'face';
	if (step.lowImpedance)
		return {
			title,
			lead: 'Again, with the meter’s low-impedance mode, or with a lamp across the pair.',
			why: 'A few volts on a sensitive meter can be induced by the cable beside it. A 3 kΩ input drains that away; what it still shows is fed from somewhere and counts as live.'
		};
	if (pair?.black === null)
		return {
			title,
			lead: `One tip ${face ? 'straight into the slot' : 'on the bare metal'}, the other on the ${t.ground} of the extension lead. Nothing else touched.`,
			why: `The ${t.ground} in this box didn’t show that it is one, or there is none. A reading to something that floats is near zero whatever is alive.`
		};
	return {
		title,
		lead: face
			? 'Tips straight into the slots. Nothing plugged in anywhere here.'
			: 'Tips on the bare metal, one hand if you can, nothing else touched.',
		why: face
			? 'Every pair, on both halves: a dark lamp may only have lost its neutral, and two halves can be fed by two breakers.'
			: 'The contacts were dead; these are the conductors themselves, every one in the box, also those that pass through.'
	};
}

function resistanceWords(check: 'hotNeutral' | 'hotGround' | 'groundBox', { plan }: Telling): StepWords {
	const t = terms[plan.region];
	if (check === 'groundBox')
		return {
			title: `${capital(t.ground)} to the box`,
			lead: `Meter to Ω: ${t.ground} slot to the metal of the box. Should be next to nothing.`,
			why: `The metal of the box, and of whatever is plugged in, hangs on this joint.`
		};
	const other = check === 'hotNeutral' ? t.neutral : t.ground;
	return {
		title: `${capital(t.hot)} to ${other}, by resistance`,
		lead: `Meter to Ω, tips in the ${t.hot} and ${other} slots. Should be open, or what is known to be plugged in on this circuit.`,
		why: 'A short found now costs a minute. Found by the breaker, it costs a bang.'
	};
}

function wayLead(pillar: boolean, wires: number): string {
	if (pillar)
		return `${wires > 1 ? 'Both ends side by side' : 'The end'} right up into the pillar, no insulation under the screw, no copper outside. Tighten with the hand driver.`;
	return 'Straight under the plate up to the insulation, or hooked clockwise round the screw, so that tightening draws it in. Hand driver, to the torque printed on the device.';
}

function reopenWhy(state: JobState): string {
	switch (state.redo) {
		case 'finalTest':
			return 'The plug-in test came out wrong: one of the joints made here is not what it should be.';
		case 'neighbour':
			return 'The next outlet is dark: the through connection here is open.';
		case 'grip':
			return 'The new part doesn’t grip. It is taken off again and another put in its place.';
		case 'tripped':
			return 'The breaker opened: something touches that should not.';
		default:
			return 'A check before power came out wrong. It is put right while everything is off.';
	}
}

export const visitWords = (plan: JobPlan, house: House): Record<VisitId, { place: string; what: string }> => {
	const t = terms[plan.region];
	return {
		start: { place: 'At the table', what: 'cautions, tools, the part' },
		liveFirst: { place: `At the outlet`, what: 'live first' },
		panelOff: { place: `At the ${t.panel}`, what: 'off, held, tagged, told' },
		work: { place: `At the outlet`, what: 'prove dead, open, read, swap' },
		panelOn: { place: `At the ${t.panel}`, what: 'lock off, on' },
		test: { place: `At the outlet`, what: 'plug-in test' },
		neighbours: {
			place: 'At the next ones',
			what: [...plan.downstream, ...plan.upstream].map((id) => house.boxes.find((box) => box.id === id)?.name ?? id).join(', ')
		},
		close: { place: `At the outlet`, what: plan.separatePlate ? 'grip, plate, directory' : 'grip, directory' }
	};
};

export const carriedWords: Record<Carried, string> = {
	tester: 'tester',
	drivers: 'drivers',
	newDevice: 'the new part',
	headTorch: 'head-torch',
	stripper: 'stripper',
	lockOrTape: 'lock or tape',
	tag: 'tag and pen',
	phone: 'phone',
	plugTester: 'plug-in tester',
	ohmmeter: 'multimeter for Ω',
	key: 'key in the pocket',
	plate: 'plate and screw',
	knife: 'knife for the paint line',
	sleeving: 'green-and-yellow sleeving',
	caps: 'connectors or caps',
	lead: 'extension lead'
};

export const toolWords: Record<string, string> = {
	lead: 'Extension lead that reaches a grounded outlet on another circuit',
	lamp: 'A lamp that works, to see that there is power',
	tester: 'The tester you will prove dead with, batteries fresh',
	provingUnit: 'Proving unit',
	multimeter: 'Multimeter, for resistance',
	plugTester: 'Three-lamp plug-in tester',
	drivers: 'Insulated hand drivers; no power driver',
	stripper: 'Wire stripper and cutters',
	lockOrTape: 'Breaker clip and padlock, or tape; tag and pen',
	headTorch: 'Head-torch: the lights may go out too',
	knife: 'Sharp knife for the paint line',
	tape: 'Electrical tape',
	sleeving: 'Green-and-yellow sleeving'
};

export const cautions = (region: 'us' | 'uk'): string[] => [
	'Off is not dead. A switched breaker, a dark lamp, a silent contactless tester prove nothing. Two-point readings with a proven tester do.',
	'Nothing bare is touched unless the strip at the top says PROVEN DEAD, and you have not left since.',
	region === 'uk'
		? 'A like-for-like socket change is usually not notifiable in England; other nations and special rooms differ. In a room with a bath or shower, stop.'
		: 'Your local code and the authority that enforces it come before anything said here. Some places want a permit or a licensed electrician even for this.',
	'Dry hands, dry floor, shoes, no rings, not alone in the house if you can help it, not tired, not in a hurry.',
	'Whenever something isn’t as described, or you aren’t sure: stop. That is what the Stop button is for.'
];

export const partQuestions = (
	region: 'us' | 'uk',
	plan: JobPlan
): { key: 'tamperResistant' | 'sameKind' | 'grounded' | 'undamaged'; text: string }[] => [
	{
		key: 'sameKind',
		text:
			region === 'uk'
				? plan.newDevice.kind === 'socketTwin'
					? 'A twin socket, switched like the old one'
					: 'A single socket'
				: plan.newDevice.kind === 'duplex'
					? 'A duplex outlet, both bridge tabs whole'
					: plan.newDevice.kind === 'twoSlot'
						? 'Two halves of two slots each, one slot wider than the other'
						: 'A single outlet'
	},
	{
		key: 'grounded',
		text:
			region === 'uk'
				? 'Terminals marked L, N and earth'
				: plan.grounded
					? 'Three slots: it has a green ground screw'
					: 'No ground slot and no green screw: there is nothing to connect one to'
	},
	...(plan.grounded || region === 'uk'
		? [{ key: 'tamperResistant' as const, text: region === 'uk' ? 'Marked BS 1363, with shutters' : 'Marked TR (tamper resistant)' }]
		: []),
	{ key: 'undamaged', text: 'New, not cracked, screws turn freely' }
];

export const expectedDeadWords = `0 V, under ${deadBelowV}`;
export const healthyWords = (region: 'us' | 'uk'): string => `${regions[region].healthyV.from} to ${regions[region].healthyV.to} V`;
export const wayChoices = (plan: JobPlan, terminal: string) => waysFor(plan, terminal).map((way) => ({ way, text: howWords[way] }));
export const labelOf = (house: House, id: string): string => findBreaker(house, id)?.label ?? '';
export { colourWords };
