import { fixLabelWords } from '../labels';
import { findBreaker, type How } from '@wary/core/house';
import { loadedWords } from './loaded';
import { tellsSupply, wayNow, type JobState, type Step } from '@wary/core/job';
import { partWords } from '../parts';
import { checkWords, moveWords } from '../work';
import { atBoxOf } from './atBox';
import { asFoundWords, endsWords, seenLiveWords, staysDarkWords, witnessWords } from './asFound';
import { newWorkWords } from './newWork';
import { baselineWords, groundEarthWords, plateScrewWords, protectionWords } from './second';
import {
	boxPlace,
	breakerName,
	cableWords,
	capital,
	halfWords,
	isFuse,
	roleWord,
	shortWire,
	terminalWord,
	terms,
	namedBreakers
} from '../terms';
import { allInEdition } from '../cited';
import { confirmWords } from './confirm';
import { pairStepWords, resistanceWords } from './readings';
import type { StepWords, Telling } from './step';
import { controlledWords, putBackWords } from './putBack';
import { switchOffWords } from './switchOff';

/** What a step says, by the edition that is in force. */
export const stepWords = (step: Step, telling: Telling): StepWords =>
	allInEdition(wordsOf(step, telling), telling.house);

function wordsOf(step: Step, telling: Telling): StepWords {
	const { house, plan, state } = telling;
	const { region } = plan;
	const t = terms[region];
	const uk = region === 'uk';
	const back = putBackWords(step.kind === 'confirm' ? step.step : step.kind, telling);
	if (back) return back;
	const fresh = newWorkWords(step.kind === 'confirm' ? { kind: step.step } : step, telling);
	if (fresh) return fresh;
	switch (step.kind) {
		case 'confirm':
			return confirmWords(step.step, telling);
		case 'seeControlled':
			return controlledWords(step, telling);
		case 'decideProtection':
			return protectionWords(telling);
		case 'readGroundEarth':
			return groundEarthWords(step, telling);
		case 'readPlateScrew':
			return plateScrewWords(step, telling);
		case 'touchSupply':
			return {
				title: `Alive, without touching: ${cableWords(house, plan, step.cable)}`,
				lead: `Power is on. Run the contactless tester along the insulation of this cable’s capped ${t.hot}, well behind the cap. Does it alarm? Touch nothing else.`,
				why: 'It needs no bare metal. Where one cable alarms and the others stay silent, that one is the supply. It tells which of them, and never that one is dead.'
			};
		case 'trySupply':
			return {
				title: `Reset: is it ${cableWords(house, plan, step.cable)}?`,
				lead: `Power is on, the box is shut. Push RESET firmly. Does it click and stay in, so that the face gives power?`,
				why: 'A part of today’s make can be reset only with the supply on its LINE. If this cable only goes on to others, the button won’t stay in. Some wait a second or two: give it that.'
			};
		case 'readEnds':
			return endsWords(step, telling);
		case 'readBaseline':
			return baselineWords(step, telling);
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
				why:
					plan.work && !plan.work.same
						? `Planned is: ${partWords[plan.work.wish.part].name}. Another part has other terminals, and another plan.`
						: uk
							? 'Like for like: a 13 A socket to BS 1363, shuttered, of the same kind, fits what is behind it without changing the circuit.'
							: 'The rating follows the breaker and the wires, never the old outlet. A 15 A circuit takes 15 A outlets only; a 20 A circuit takes 15 or 20 A. In a home a replacement has to be tamper resistant nearly everywhere, and grounded where the box has a ground.',
				rule: uk
					? 'BS 7671 553.1; BS 1363-2'
					: 'NEC 2020 406.4(D)(1), 406.4(D)(5), 406.12; table 210.21(B)(3)'
			};
		case 'readLive':
			return {
				title: `Live first: ${halfWords[step.half]}`,
				lead: uk
					? `Power still on. Plug an adaptor with test points into the ${halfWords[step.half]}, its switch on, and put the tips on line and neutral, fingers behind the guards. The shutters are never pushed open.`
					: `Power still on.${withSwitchOn(telling, step.half)} Both tips at once into the two upright slots of the ${halfWords[step.half]}, fingers behind the guards. If the shutters of a tamper-resistant one don’t yield, use an adaptor with test points: never force them.`,
				why: `A tester that reads nothing before and nothing after has shown nothing. Seen live here first, the same slots going dead later means something.${plan.halves.length > 1 ? ` Both ${uk ? 'sockets, because one side can be dead by itself' : 'halves, because they can be fed by two breakers'}.` : ''}`
			};
		case 'readAsFound':
			return asFoundWords(step, telling);
		case 'deadFromStart':
			return staysDarkWords(step, telling);
		case 'readWitness':
			return witnessWords(step, telling);
		case 'readLiveGround':
			return {
				title: uk ? 'Is the earth here an earth?' : 'Is the ground here a ground?',
				lead: uk
					? 'Power still on. Line to earth should light, by the plug-in tester or at the adaptor’s test points. Then a contactless tester at the earth: it should stay silent.'
					: 'Power still on. Hot to ground should light. Then hold a contactless tester at the ground slot and at the plate screw: it should stay silent.',
				why: `Later, every wire is read to ${t.ground}. If this ${t.ground} is open somewhere it floats, and everything read to it looks dead. A plain meter is fooled by a floating one, because it draws nothing; a lamp is not. And behind swapped conductors the metalwork itself can be alive while every lamp looks right: only a contactless tester at the ${t.ground}, or a reading to a known one, tells.`
			};
		case 'needTester':
			return {
				title: 'Stop here until you have a tester',
				lead: `Nothing behind the ${t.plate} may be touched on the word of a lamp. The job waits here: borrow or buy one of these, then go on.`,
				why: 'A lamp, a plug-in tester and a contactless tester each miss something that can hurt you; the instruments page shows what, on the model. A reading between two points, with a tester that was proved, does not.',
				rule: uk ? 'HSE GS38' : 'NFPA 70E 120.5 (2018, 2021)'
			};
		case 'proveEarth':
			return {
				title: `Bring a known ${t.ground}`,
				lead: `Plug an extension lead into ${uk ? 'a socket' : 'an outlet'} on another circuit whose ${t.ground} is good, and bring its other end here. The lead’s end is live: it lies a long step away from the box, and only a tip in its ${t.ground} contact comes near it. First the three-lamp tester in its end: what is lit?`,
				why: `The ${t.ground} in this box didn’t show that it is one. What is read to it would prove nothing. The ${t.ground} of the lead takes its place, and the ${t.ground} here is read to it like any other wire.`
			};
		case 'switchOff':
			return switchOffWords(telling, step.also);
		case 'hold':
			return {
				title: fused(telling) ? 'Keep it out' : 'Hold it off',
				lead: fused(telling)
					? 'The fuse with its carrier stays in your pocket. Cover the empty holder and tag it. Say how it is kept.'
					: 'A clip and padlock with the only key in your pocket is best. Say what you have used.',
				why: 'Somebody else turning it back on is how people who did everything else right get hurt. Tape and a closed door ask others to behave; a padlock doesn’t ask.',
				rule: uk
					? 'HSE GS38; Electricity at Work Regulations 1989, reg. 13, as good practice'
					: 'NFPA 70E art. 120, as good practice'
			};
		case 'proveTester':
			return step.when === 'before'
				? {
						title: 'Prove the tester',
						lead: uk
							? 'On the proving unit, or at a socket you know is live on another circuit. Not on the one you have switched off.'
							: `At an ${t.outlet} you know is live on another circuit, or on a proving unit. Not on the one you have switched off.`,
						why: 'A flat battery and a dead circuit look the same. The tester shows that it works before it is believed, and again after.',
						rule: uk ? 'HSE GS38' : 'NFPA 70E 120.5 (2018, 2021)'
					}
				: {
						title: 'Prove the tester again',
						lead: 'The same live source as before. It must show it again.',
						why: 'Had it failed between the first proof and now, every zero it showed would be worth nothing.',
						rule: uk ? 'HSE GS38' : 'NFPA 70E 120.5 (2018, 2021)'
					};
		case 'readPair':
			return pairStepWords(step, telling);
		case 'lookOver':
			return {
				title: 'Count and compare, without touching',
				lead: 'No hand and no tool in the box: it isn’t proven dead. Head-torch, and look behind too: how many cables, how many ends? Then compare with the drawing, and say what differs.',
				why: 'What is read dead is what is known to be there. A cable or an end that nobody counted would be in nobody’s proof. Colours are a hint, never a proof: which terminal a wire sits on is what counts.'
			};
		case 'inspect':
			return {
				title: 'Look for trouble',
				lead: 'Take a photograph, mark the cables with tape. Then head-torch, close up: say what you see; if you can’t tell, say that.',
				why: 'Heat, age and aluminium make a swap into a job for an electrician. Better to learn it while everything is still as it was.',
				rule: uk ? 'BS 7671 526 (connections), 522' : 'NEC 2020 110.12(B), 110.14, 300.14'
			};
		case 'supplyWay':
			return step.silent
				? {
						title: state?.supply.way === 'device' ? 'The part can’t tell here' : 'Resistance can’t tell here',
						lead:
							state?.supply.way === 'device'
								? 'It would not reset on any of these cables. Then the part is at fault, or none of them has power. Resistance or voltage can tell.'
								: plan.work && plan.work.candidates.length > 0
									? 'No cable reads low beside another that reads far higher. Another way can tell.'
									: 'No cable reads low beside another that reads far higher. Voltage can tell, or leave it.',
						why:
							state?.supply.way === 'device'
								? 'Nothing follows from a part that never resets: it may be faulty, and a cable may have been dead before you came.'
								: uk
									? 'With a main switch or an RCD off the neutral is open too. On a TT supply neutral and earth meet only through the soil. And all low may be a ring, or a neutral that touches earth further on. None of that is a fault you have made.'
									: 'With a main switch off in some panels every cable reads open. All low means that a neutral touches ground further on. Either way the readings don’t tell the cables apart.'
					}
				: {
						title: 'Which cable is the supply?',
						lead: `Dead, by resistance, is the first choice. Alive, by voltage, only where that can’t tell.${tellsSupply(plan) ? ' The new part can tell as well, with no live end in reach.' : ''} ${plan.work && plan.work.candidates.length > 0 ? 'What goes on LINE and what on LOAD depends on it: it is found, not guessed.' : 'A like-for-like swap doesn’t need to know: it may be left.'}`,
						why: `A device that protects what comes after it needs to know, and so does whoever looks for a fault later. Position, colour and the terminal a wire sat on don’t tell: any of them may have been mixed up before.`
					};
		case 'readSupplyOhms':
			return {
				title: `${capital(t.neutral)} to ${plan.grounded ? t.ground : `the known ${t.ground}`}: ${cableWords(house, plan, step.cable)}`,
				lead: `Meter to Ω. One tip on this cable’s bare ${t.neutral}, the other on ${plan.grounded ? `its ${t.ground}` : `the known ${t.ground} at the end of the lead: there is no ${t.ground} in this box`}. Nothing else touches.`,
				why: uk
					? 'Neutral and earth meet at the cut-out, before the consumer unit (TN-C-S), or at the transformer (TN-S). The supply cable leads back there and reads an ohm or so; a cable that only goes on reads far more. On TT this way stays silent.'
					: 'At the service panel neutral and ground are joined. The supply cable leads back to that joint and reads next to nothing; a cable that only goes on reads far more. It is the difference that tells.'
			};
		case 'readSupplyVolts':
			return {
				title: `Alive, at arm’s length: ${cableWords(house, plan, step.cable)}`,
				lead: `Only through connectors with test openings: tips into the openings, ${t.hot} to ${t.neutral}, then ${t.hot} to ${plan.grounded ? t.ground : `the known ${t.ground}`}. Never into the open end of a cap. Nothing else within reach. Then straight back to the ${t.panel}.`,
				why: 'Full voltage on both is the supply. The cables that go on show nothing, or a few volts that the one beside them lends.'
			};
		case 'takeOff': {
			const landing = plan.takeOff.find(({ terminal }) => terminal === step.terminal)!;
			const wires = landing.wires.map((wire) => shortWire(plan, wire)).join(' and ');
			return {
				title: `Off: ${terminalWord(region, step.terminal)}`,
				lead: `${freeWords(
					landing.wires.map(({ how }) => how),
					wires
				)} Bend ${landing.wires.length > 1 ? 'them' : 'it'} away from the others.${landing.role === 'neutral' ? ` Hold by the insulation: a ${t.neutral} can come alive as it comes apart, if another circuit returns through it.` : ''}`,
				why: `${capital(t.hot)} comes off first and ${t.ground} last, so that the protective path is there as long as anything else is.`
			};
		}
		case 'move': {
			const way = wayNow(plan.work!, state);
			const move = way.moves.find(({ id }) => id === step.move)!;
			return moveWords(move, step.again, atBoxOf(telling));
		}
		case 'checkWork':
			return checkWords(plan, step.check, house, state.hand);
		case 'fixLabel':
			return fixLabelWords(step.label);
		case 'reopen':
			return {
				title: 'Ease it out again',
				lead:
					plan.work && state.redo === 'grip'
						? partOffWords(telling)
						: `Undo its two screws and ease it out of the box by its ends, without touching a terminal. Whatever has to come apart then comes off ${roleWord(region, 'hot')} first.`,
				why: reopenWhy(state)
			};
		case 'readOhms':
			return resistanceWords(step.check, telling);
		case 'restorePower':
			return {
				title: state.device === 'none' ? 'Power on, on purpose' : 'Power on',
				...(fused(telling)
					? {
							lead: `Tag off, main switch off, push ${namedBreakers(house, state.isolation.off)} in by its carrier; stand to one side, face turned away, main switch on. Did it hold?`,
							why: 'If it blows at once it has found a short. It stays out: another fuse feeds the fault. Pushed in with the main switch on, it would do so between your fingers.'
						}
					: {
							lead: `Lock and tag off, stand to one side, face turned away, switch ${namedBreakers(house, state.isolation.off)} on. Did it hold?`,
							why: 'If it trips at once it has found a short. It stays off: switching it on again feeds the fault.'
						})
			};
		case 'readPlug':
			if (state.redo !== null) return seenLiveWords(step, telling);
			return {
				title: `Final test: ${halfWords[step.half]}`,
				lead: `Plug the three-lamp tester into the ${halfWords[step.half]}.${withSwitchOn(telling, step.half)} Say which lamps are lit.`,
				why: `Three lamps can’t see everything: ${t.neutral} and ${t.ground} swapped, or joined at the ${t.outlet}, look right to them, and so does any loose joint. That each wire went back where it came from is what stands against that, and a test under load would show it.`
			};
		case 'readOutlet':
			if (state.redo !== null) return seenLiveWords(step, telling);
			return {
				title: `Final test: ${halfWords[step.half]}`,
				lead: 'Two readings: narrow slot to wide slot, then wide slot to the known ground at the lead. No three-lamp tester fits two slots.',
				why: 'Hot to neutral says that there is power. Neutral to a known ground says that the slots aren’t swapped: a swapped pair reads the same between its own two slots.',
				rule: 'NEC 2020 406.4(D)(2)(a), 200.11'
			};
		case 'readLoaded':
			return loadedWords(region, step.half);
		case 'checkNeighbour':
			return {
				title: `${plan.upstream.includes(step.box) && !plan.onRing ? `The ${t.outlet} before` : `Next ${t.outlet}`}: ${boxPlace(house, step.box)}`,
				lead: 'Plug in a lamp or the tester. Does it work as it did before you began?',
				why: plan.onRing
					? 'On a ring every neighbour still works with one leg loose, so this shows only that nothing went altogether wrong. That every leg sits was tugged and read.'
					: plan.upstream.includes(step.box)
						? 'It comes before this one, so nothing you did here feeds it. If it has changed, the cause lies elsewhere: it is noted for that outlet.'
						: 'Its current passes through the joints you have just made. If it is dark, the through connection is open here.'
			};
		case 'grip':
			return {
				title: `Grip: ${halfWords[step.half]}`,
				lead: 'Push a plug home and let the cord hang. It should hold, and take a firm pull to come out.',
				why: 'Contacts that don’t grip heat under load. If new ones don’t, the part is faulty.'
			};
		case 'tidyDirectory':
			return {
				title: 'Write the truth into the directory',
				lead: findBreaker(house, state.feeder ?? plan.recordedBreaker)
					? `${capital(namedBreakers(house, state.feeder ?? plan.recordedBreaker))} feeds ${boxPlace(house, plan.boxId)}: proven today. What should its line say?`
					: `The main switch took everything, so nothing was learnt of the single ${t.breaker}s. The line of ${breakerName(house, plan.recordedBreaker)} stays as it is; search for the right one another day.`,
				why: `The next person at the ${t.panel}, perhaps you in the dark, will believe what is written there.`,
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
				lead: 'A connector or cap on every bare end, each on its own.',
				why: 'A capped end that comes alive, by mistake or on purpose, hurts nobody.'
			};
		case 'stop':
			return {
				title: 'Stop here',
				lead:
					state.device === 'oldSeated'
						? 'The box stays closed. The record says what was found, for whoever goes on.'
						: isOpenUnproven(state)
							? `It stays off and tagged, and nothing in the box is touched or folded: hold the ${t.plate} over it by its screws, or tape card over it. The record says what was found, for whoever goes on.`
							: 'It stays off and tagged. The record says what was found, for whoever goes on.',
				why: 'Stopping is a result. What you found is worth more than a finished swap over it.'
			};
	}
}

/** The box stands open, and what is in it isn’t proven dead. */
const isOpenUnproven = ({ device, closedUp }: JobState): boolean =>
	!closedUp && device !== 'oldSeated' && device !== 'newSeated';

/** A fuse is withdrawn and carried; a clip is no use there. */
const fused = ({ house, state }: Telling): boolean => state.isolation.off.some((id) => isFuse(house, id));

/** How wires come off a terminal, by what holds them: a spring has no screw to loosen. */
function freeWords(ways: readonly How[], wires: string): string {
	const sprung = ways.includes('pushIn');
	const screwed = ways.some((way) => way !== 'pushIn');
	return [
		...(screwed ? [`Undo the screw and free the ${wires}.`] : []),
		...(sprung
			? [
					`${screwed ? 'A wire in a push-in hole' : `The ${wires} sits in a push-in hole`}: press a narrow blade into the slot beside the hole, and pull straight. If it doesn’t let go and there is length to spare, cut it off.`
				]
			: [])
	].join(' ');
}

/** A new part that doesn’t grip comes off with all of its wires, before another is wired. */
const partOffWords = ({ plan }: Telling): string =>
	`Undo its two screws and ease it out of the box by its ends, without touching a terminal. Then take every wire off it, ${roleWord(plan.region, 'hot')} first and ${roleWord(plan.region, 'ground')} last, bend them apart, and lay the part aside.`;

/** Of a half on a wall switch: the switch stands on while it is read. */
const withSwitchOn = ({ plan }: Telling, half: string): string =>
	plan.work?.checks.some((each) => each.check === 'switchDark' && each.half === half)
		? ' This half hangs on a wall switch: on.'
		: '';

function reopenWhy(state: JobState): string {
	switch (state.redo) {
		case 'finalTest':
			return 'The plug-in test came out wrong: one of the joints made here isn’t what it should be.';
		case 'neighbour':
			return 'The next outlet is dark: the through connection here is open.';
		case 'grip':
			return 'The new part doesn’t grip. It is taken off again and another put in its place.';
		case 'tripped':
			return 'It tripped: something touches that should not.';
		default:
			return 'A check before power came out wrong. It is put right while everything is off.';
	}
}
