import { inEdition } from './cited';
import { deadBelowV } from '@wary/core/isolation';
import { deviceModel, type House } from '@wary/core/house';
import {
	checkId,
	tripsWithinS,
	type JobPlan,
	type PartInHand,
	type ProtectionCheck,
	type WorkFailure
} from '@wary/core/job';
import type { Region } from '@wary/core/rules';
import type { conducting } from '@wary/core/wiring';
import { type End, type Fault, type Move, type WishRefusal } from '@wary/core/wiring';
import { partWords } from './parts';
import type { StepWords } from './steps/step';
import {
	boxPlace,
	capital,
	colourWords,
	halfWords,
	howWords,
	roleWord,
	terminalWord,
	terms,
	newtonMetresInInchPound
} from './terms';

/** Where ends are told from: the house for its cables, the box, and the wiring before and after. */
export interface AtBox {
	readonly house: House;
	readonly boxId: string;
	readonly region: Region;
	/** Both wirings of the plan: a tail may be in one of them only. */
	readonly wirings: readonly Parameters<typeof conducting>[2][];
	/** What was read off the part in hand. */
	readonly hand?: PartInHand;
}

/** An end as one sees it: “black from the panel”, “white pigtail”. */
export function endWords(end: End, { house, boxId, region, wirings }: AtBox): string {
	if (end.kind === 'tail') {
		const tail = wirings.flatMap(({ pigtails }) => pigtails).find(({ id }) => id === end.tail);
		const word = region === 'uk' ? 'tail' : 'pigtail';
		return tail ? `${colourWords[tail.colour]} ${word}` : word;
	}
	const cable = house.cables.find(({ id }) => id === end.cable);
	const conductor = cable?.conductors.find(({ id }) => id === end.conductor);
	if (!cable || !conductor) return `${end.cable}/${end.conductor}`;
	const other = cable.to.box === boxId ? cable.from : cable.to;
	const from = 'box' in other ? boxPlace(house, other.box) : `the ${terms[region].panel}`;
	return `${colourWords[conductor.colour]} ${cable.to.box === boxId ? 'from' : 'to'} ${from}`;
}

const listed = (names: readonly string[]): string =>
	names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
export const endsWords = (ends: readonly End[], at: AtBox): string =>
	listed(ends.map((end) => endWords(end, at)));

/** A move in one line, as in a list. */
export function moveLine(move: Move, at: AtBox): string {
	const { region } = at;
	switch (move.kind) {
		case 'free':
			return `${endsWords(move.ends, at)}: off the ${terminalWord(region, move.terminal)}`;
		case 'undo':
			return `${endsWords(move.ends, at)}: connector off, apart`;
		case 'dropTail':
			return `${roleWord(region, move.role)} ${region === 'uk' ? 'tail' : 'pigtail'}: no longer needed`;
		case 'fit':
			return 'the new part in hand';
		case 'tape':
			return move.lift ? 'tape over LOAD: lifted, LOAD is used' : 'tape over LOAD: stays on';
		case 'breakTab':
			return `tab between the ${move.which === 'hot' ? 'brass' : 'silver'} screws: broken off`;
		case 'makeTail':
			return `${roleWord(region, move.role)} ${terms[region].pigtail}: cut, ${terms[region].pigtailLength}, both ends stripped`;
		case 'join':
			return `${endsWords(move.ends, at)}: together in a ${howWords[move.how]}`;
		case 'bond':
			return `${endWords(move.end, at)}: to the metal of the box`;
		case 'cap':
			return `${endsWords(move.ends, at)}: capped`;
		case 'land':
			return `${endsWords(move.ends, at)}: ${terminalWord(region, move.terminal)}, ${howWords[move.how]}`;
		case 'driveIn':
			return 'screws that hold nothing: driven in';
	}
}

/** A move that was made, for the record: how an end is held is the part’s to say, and stands in the drawing. */
export const madeLine = (move: Move, at: AtBox): string =>
	move.kind === 'land'
		? `${endsWords(move.ends, at)}: on the ${terminalWord(at.region, move.terminal)}`
		: moveLine(move, at);

/** What a move asks of the hands, one thing at a time. */
export function moveWords(move: Move, again: boolean, at: AtBox): StepWords {
	const { region } = at;
	const t = terms[region];
	const uk = region === 'uk';
	if (again)
		return {
			title: `${move.kind === 'land' ? 'Look, and tug it anew' : 'Tug it anew'}: ${move.kind === 'land' ? terminalWord(region, move.terminal) : moveLine(move, at)}`,
			lead:
				move.kind === 'land'
					? `Look first: ${endsWords(move.ends, at)} ${move.ends.length > 1 ? 'belong' : 'belongs'} here, and nothing else. Put it right if it isn’t so. Then hold the part and pull firmly; make the joint again where anything moves.`
					: 'Hold the part, pull each of its wires firmly. Make the joint again where anything moves.',
			why: 'A test failed, or the box was opened again: where each end sits is looked at, and every joint made here is tugged once more.'
		};
	switch (move.kind) {
		case 'undo':
			return {
				title: `Take the connector off: ${roleWord(region, move.role)}`,
				lead: `Turn or open it; don’t pull it off. Bend ${endsWords(move.ends, at)} apart. Cut back what is nicked.`,
				why: 'These ends go to different places from now on.'
			};
		case 'dropTail':
			return {
				title: `Put the old ${roleWord(region, move.role)} ${uk ? 'tail' : 'pigtail'} aside`,
				lead: 'It isn’t used any more.',
				why: 'What lies loose in a box is the next thing to touch something.'
			};
		case 'tape':
			return move.lift
				? {
						title: 'Lift the tape over LOAD',
						lead: 'Only now, and all of it: LOAD feeds the next boxes here.',
						why: 'Under the tape are the terminals that feed and protect what comes after. Some makes print LINE and LOAD the other way up: read the words.'
					}
				: {
						title: 'Leave the tape over LOAD',
						lead: 'Nothing goes on LOAD here. The factory tape stays where it is.',
						why: 'Taped, nobody takes LOAD for LINE, and its screws touch nothing.'
					};
		case 'breakTab':
			return {
				title: `Break the ${move.which === 'hot' ? 'brass' : 'silver'} tab`,
				lead: `Pliers on the tab between the two ${move.which === 'hot' ? 'brass' : 'silver'} screws, back and forth until it comes off. The other side’s tab stays. Look: is there a gap?`,
				why: 'Left whole it joins what has to stay apart: a switched half would always be on, or two circuits become one. With a wire on it can’t be reached any more.'
			};
		case 'makeTail':
			return {
				title: `Cut a ${t.pigtail} for ${roleWord(region, move.role)}`,
				lead: `${t.pigtailLength}, ${colourWords[move.colour]}, of the size of the circuit’s own conductors. Strip each end for what it goes into: a connector’s gauge, the part’s, or a turn round the screw in the box.`,
				why: `Thinner than the circuit it would be the weakest link under its ${t.breaker}.`
			};
		case 'join':
			return {
				title: `Join: ${roleWord(region, move.role)}`,
				lead: `${capital(endsWords(move.ends, at))} in one ${howWords[move.how]}, by its own chart. ${move.how === 'lever' ? 'Stripped to its gauge, each seen home at the window.' : 'Ends level, turned until no bare copper shows.'} Then tug each by itself. Did they hold?`,
				why: 'A connector holds as many and as thick as its chart says, and no others. One tug each tells.',
				rule: uk ? 'BS 7671 526' : 'NEC 2020 110.14(B)'
			};
		case 'bond':
			return {
				title: `${capital(t.ground)} to the box`,
				lead: `Screw ${endWords(move.end, at)} to the metal box with its ${t.ground} screw. Did it hold?`,
				why: `Metal that can come alive must open the ${t.breaker} when it does.`
			};
		case 'cap':
			return {
				title: 'Cap what isn’t used',
				lead: `${capital(endsWords(move.ends, at))}: each its own cap, bent to the back of the box.`,
				why: 'It can be alive whenever its switch is on.'
			};
		case 'land': {
			const several = move.ends.length > 1;
			return {
				title: `On: ${terminalWord(region, move.terminal)}`,
				lead: `${capital(endsWords(move.ends, at))}${placeOnPart(move.terminal, at)}. ${stripWords(at.hand)}${landLead(move.how, several)} ${torqueLead(region, at.hand)} Then tug ${several ? 'each' : 'it'}. Did ${several ? 'they' : 'it'} hold?`,
				why: `${move.role === 'ground' ? `With ${t.ground} on, the protective path is there.` : 'A loose screw heats.'} ${uk ? 'Terminals sit differently from model to model: read the marks.' : 'Brass is hot, silver is neutral, green is ground. Seen from the back, left and right swap.'}`,
				rule: uk ? 'BS 7671 526.2' : 'NEC 2020 110.14(A), (D)'
			};
		}
		case 'driveIn':
			return {
				title: 'Drive in the unused screws',
				lead: `Turn every screw that holds nothing all the way in.${hasLoadSide(at) ? ' Not those under the tape.' : ''}`,
				why: 'A screw that sticks out is the first thing to touch the box.'
			};
		case 'free':
		case 'fit':
			return { title: moveLine(move, at), lead: '', why: '' };
	}
}

const hasLoadSide = ({ wirings }: AtBox): boolean => {
	const device = wirings.at(-1)?.device;
	return device !== undefined && deviceModel(device).terminals.some(({ side }) => side === 'load');
};

/** LINE and LOAD are printed top and bottom by some makes and the other way round by others: told only where it was asked. */
function placeOnPart(terminal: string, { hand }: AtBox): string {
	if (hand?.lineAt === undefined || !/^(supply|load)/.test(terminal)) return '';
	const atTop = (hand.lineAt === 'top') === terminal.startsWith('supply');
	return `: on yours the pair at the ${atTop ? 'top' : 'bottom'}`;
}

const stripWords = (hand: PartInHand = {}): string =>
	hand.gaugeMm === undefined ? '' : `Bare ${hand.gaugeMm} mm, as its gauge shows. `;

/** A torque as parts print it in the region. */
export const torqueWord = (region: Region, torqueNm: number): string =>
	region === 'us'
		? `${Math.round(torqueNm / newtonMetresInInchPound)} in·lb (${torqueNm.toFixed(1)} N·m)`
		: `${torqueNm.toFixed(1)} N·m`;
const torqueLead = (region: Region, hand: PartInHand = {}): string =>
	hand.torqueNm === undefined
		? 'Tighten to the torque printed on the part.'
		: `Tighten to ${torqueWord(region, hand.torqueNm)}, as printed on it.`;

function landLead(how: Extract<Move, { kind: 'land' }>['how'], several: boolean): string {
	switch (how) {
		case 'clampPlate':
			return several
				? 'Straight under the plate, one each side of the screw, both in before it is tightened, insulation up to the plate.'
				: 'Straight under the plate, insulation up to it, nothing bare outside.';
		case 'hook':
			return 'Hook three quarters round, closing clockwise, nothing bare outside and no insulation under the head.';
		case 'pillar':
			return several
				? 'All of them in the one pillar, in before the screw is tightened, no copper outside.'
				: 'Doubled over if it is thin, all the way in, no copper outside.';
		default:
			return 'Under the screw.';
	}
}

const checkOf = (plan: JobPlan, id: string): ProtectionCheck | undefined =>
	id === 'reset' ? { check: 'reset' } : plan.work?.checks.find((each) => checkId(each) === id);

/** What the light of a part does, once it was read which way this make has it. */
const indicatorLead: Readonly<Record<NonNullable<PartInHand['indicator']> | 'unknown', string>> = {
	showsPower: ' Its light comes on: on this make it is lit while there is power.',
	showsTrip: ' Its light goes out: on this make it is lit while tripped.',
	none: ' It has no light: a lamp plugged in shows it.',
	unknown: ''
};

/** What is tried after power is back, and what should come of it. */
export function checkWords(
	plan: JobPlan,
	id: string,
	house: House,
	hand: PartInHand = {}
): StepWords & { readonly yes: string; readonly no: string } {
	const { region } = plan;
	const uk = region === 'uk';
	const name = uk ? 'RCD' : 'GFCI';
	const check = checkOf(plan, id);
	const wentDark = { yes: 'It went dark', no: 'It stayed on' };
	const stayed = { yes: 'It stayed on', no: 'It went dark' };
	const rule = uk ? 'BS 7288; BS EN 61543' : 'UL 943; maker’s instruction';
	switch (check?.check) {
		case 'reset':
			return {
				title: `Reset the ${name}`,
				lead: `Push RESET in, firmly, until it clicks and stays.${indicatorLead[hand.indicator ?? 'unknown']}`,
				why: 'Many come tripped, and give nothing until they are reset: that is no fault. One that won’t stay in has no supply on its LINE side, or the cables are the wrong way round.',
				yes: 'It stays in',
				no: 'It won’t stay in',
				rule
			};
		case 'button':
			return {
				title: 'Its own TEST button',
				lead: `A lamp in the ${halfWords[plan.newHalves[0]!]}, lit. Press TEST. Does the lamp go dark?`,
				why: 'The button sends a small current past its transformer. If the face stays on, it doesn’t protect, whatever its light says.',
				...wentDark,
				rule
			};
		case 'dark':
			return {
				title: `With the button pressed: ${boxPlace(house, check.box)}`,
				lead: 'Leave it tripped. A lamp there: is it dark?',
				why: 'It hangs on LOAD: it has to go dark with this one. If it stays on, it isn’t protected.',
				...wentDark
			};
		case 'stays':
			return {
				title: `With the button pressed: ${boxPlace(house, check.box)}`,
				lead: 'Leave it tripped. A lamp there: is it still lit?',
				why: 'It is fed past this one on purpose, and not protected by it.',
				...stayed
			};
		case 'resetAgain':
		case 'resetLast':
			return {
				title: 'Reset it again',
				lead: 'Push RESET until it clicks. The lamp comes back.',
				why: 'Left tripped, the next person takes it for broken.',
				yes: 'It stays in',
				no: 'It won’t stay in'
			};
		case 'tester':
			return {
				title: 'The tester’s button',
				lead: `Plug-in tester in the ${halfWords[plan.newHalves[0]!]}, press its ${name} button. Does it trip? It has ${tripsWithinS(region).toFixed(1)} s for what the tester sends.`,
				why: `It sends a current to ${terms[region].ground}, as a fault would: that needs a good ${terms[region].ground}. The device’s own button is the one that counts.`,
				yes: 'It tripped',
				no: 'Nothing happened',
				rule
			};
		case 'betweenHots': {
			const apart = check.volts > deadBelowV;
			return {
				title: `From ${terms[region].hot} to ${terms[region].hot}`,
				lead: `Meter to V: one tip in the narrow slot of the ${halfWords[plan.newHalves[0]!]}, the other in that of the ${halfWords[plan.newHalves[1]!]}. About ${check.volts} V?`,
				why: apart
					? 'Two circuits on two legs share the neutral here: between their hots stands the voltage of both, and in the neutral only the difference of their currents flows. Near nothing would mean one leg for both, and a neutral that carries the sum.'
					: 'Both halves hang on one leg: between their hots there is nothing. If there is, two legs share this neutral otherwise than recorded.',
				yes: `About ${check.volts} V`,
				no: 'Something else',
				rule: 'NEC 2020 210.4, 300.13(B)'
			};
		}
		case 'switchDark':
			return {
				title: `Wall switch off: ${halfWords[check.half as 'upper']}`,
				lead: 'A lamp in this half, the wall switch on, then off. Does it go dark?',
				why: 'This half hangs on the wall switch. Lit either way, the tab is still whole.',
				...wentDark
			};
		case 'switchStays':
			return {
				title: `Wall switch off: ${halfWords[check.half as 'upper']}`,
				lead: 'A lamp in this half, the wall switch off. Does it stay lit?',
				why: 'This half is always on. Dark with the switch, hot and switched hot are exchanged.',
				...stayed
			};
		case undefined:
			return { title: id, lead: '', why: '', yes: 'Yes', no: 'No' };
	}
}

/** Why a wish can’t be had in this box. */
export function wishRefusalWords(refusal: WishRefusal, region: Region): string {
	const t = terms[region];
	switch (refusal.code) {
		case 'nothingOnDevice':
			return `The record shows no ${t.hot} or ${t.neutral} on this ${t.outlet}.`;
		case 'noGround':
			return `There is no ${t.ground} in this box, and this part has a place for one.`;
		case 'groundUnused':
			return `There is a ${t.ground} in this box, and this part has no place for it.`;
		case 'halvesApart':
			return 'One half hangs on a wall switch, or on another circuit. Only a part with a tab that breaks off keeps them apart.';
		case 'twoNeutrals':
			return 'Two neutrals are kept apart here. No part on sale keeps them so and is safe with it: ask an electrician.';
		case 'noSides':
			return 'This part has no LOAD side: it protects nothing after it.';
		case 'nothingAfter':
			return `Nothing comes after this ${t.outlet}. LINE only, and the tape over LOAD stays on.`;
		case 'supplyUnknown':
			return 'Nothing on record says which cables come here.';
		case 'sharedNeutral':
			return 'The neutral here serves two circuits. It may not pass through a device, nor hang on a LOAD side: every lamp on would trip it (NEC 300.13(B)).';
		case 'noRoom':
			return `The terminals for ${roleWord(region, refusal.role)} don’t take what would have to go on them.`;
	}
}

/** What the model finds wrong with a plan. */
export function faultWords(fault: Fault, at: AtBox): string {
	const { house, region } = at;
	const t = terms[region];
	switch (fault.code) {
		case 'leftBare':
			return `${capital(endsWords(fault.ends, at))}: left bare.`;
		case 'wrongTerminal':
			return `${capital(endsWords(fault.ends, at))}: not for the ${terminalWord(region, fault.terminal)}.`;
		case 'mixedJoint':
			return `${capital(endsWords(fault.ends, at))}: of different purpose in one connector.`;
		case 'overfull':
			return `${capital(endsWords(fault.ends, at))}: more than the ${terminalWord(region, fault.terminal)} takes.`;
		case 'hotsJoined':
			return `${capital(endsWords(fault.ends, at))}: kept apart outside this box, joined in it.`;
		case 'groundThroughDevice':
			return `The ${t.ground} of what comes after would hang on this ${t.outlet} (NEC 250.148).`;
		case 'neutralThroughDevice':
			return 'A neutral that serves two circuits would pass through this outlet (NEC 300.13(B)).';
		case 'sidesCrossed':
			return `${capital(endsWords(fault.ends, at))}: one on LINE, the other on LOAD.`;
		case 'trips':
			return `Something opens at once: ${fault.device}.`;
		case 'dead':
			return `${capital(boxPlace(house, fault.box))}, ${halfWords[fault.half]}: without power.`;
		case 'polarity':
			return `${capital(boxPlace(house, fault.box))}, ${halfWords[fault.half]}: ${t.hot} and ${t.neutral} the wrong way round.`;
		case 'groundOpen':
			return `${capital(boxPlace(house, fault.box))}, ${halfWords[fault.half]}: without ${t.ground}.`;
		case 'switching':
			return `${capital(halfWords[fault.half])}: wouldn’t follow its wall switch as it does now.`;
		case 'unprotected':
			return fault.promised
				? `${capital(boxPlace(house, fault.box))} wouldn’t be protected from here.`
				: `${capital(boxPlace(house, fault.box))} is protected now, and wouldn’t be any more.`;
		case 'unguardedWithoutGround':
			return `No ${t.ground} comes to this box. An outlet with a place for one may stand here only guarded by a GFCI, in this box or before it, and its plate says so (NEC 2020 406.4(D)(2)). Put the GFCI at the first box of the chain, and this one in the same job.`;
		case 'wontReset':
			return 'It couldn’t be reset: there is no supply on its LINE side.';
	}
}

/** Why there is no plan for a wish. */
export function workFailureWords(failure: WorkFailure, at: AtBox): string {
	switch (failure.code) {
		case 'wish':
			return wishRefusalWords(failure.refusal, at.region);
		case 'planFails':
			return inEdition(failure.verdict.faults.map((fault) => faultWords(fault, at)).join(' '), at.house);
		case 'notSoldHere':
			return `${partWords[failure.part].name}: not a part of this region.`;
	}
}
