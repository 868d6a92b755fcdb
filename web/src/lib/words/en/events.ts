import { handValues } from './job/steps/part';
import { lampsWords } from './lamps';
import { leftWords, loadedLine } from './steps/loaded';
import { labelText } from './labels';
import { kindWords } from './devices';
import { putBackKind } from './devices';
import { atBoxOf } from './steps/atBox';
import { checkWords, madeLine, torqueWord } from './work';
import type { House } from '@wary/core/house';
import type { VoltReading } from '@wary/core/isolation';
import type { BoxSeen } from '@wary/core/arrangements';
import {
	autopsyFaults,
	isJoint,
	type CableVerdict,
	type Earth,
	type JobEvent,
	type JobPlan,
	type PartInHand,
	ownLead
} from '@wary/core/job';
import { autopsyWords, conditionWords, stopWords } from './conditions';
import { seenWords } from './arrangements';
import { holdWords } from './energy';
import { answerWords, meansWords } from './search';
import {
	boxPlace,
	breakerName,
	breakerNames,
	cableLetter,
	capital,
	colourWords,
	halfWords,
	ohmsWord,
	pairWords,
	shortWire,
	terminalWord,
	isFuse,
	terms,
	voltsWord,
	namedBreakers
} from './terms';

/** An event in a line: what, its value, and whether it came out right where that can be said. */
export interface EventWords {
	readonly text: string;
	readonly value: string;
	readonly expected: string;
	readonly passes: boolean | null;
}

/** A reading as the instrument gave it. */
export function readingWords(reading: VoltReading): string {
	if (reading.instrument === 'indicator') return reading.litV === 0 ? 'dark' : `lit to ${reading.litV} V`;
	if ('lit' in reading) return reading.lit ? 'lamp lit' : 'lamp dark';
	return `${voltsWord(reading.volts)}${reading.mode === 'highImpedance' ? '' : reading.mode === 'lowImpedance' ? ' (low-Z)' : ' (lamp across)'}`;
}

/** Where a tester was proved. */
export const sourceWords = (house: House, source: string): string =>
	source === 'provingUnit'
		? 'the proving unit'
		: source === ownLead
			? 'the end of the lead'
			: boxPlace(house, source.slice('outlet:'.length));

const testerWords = {
	multimeter: 'multimeter',
	indicator: 'two-probe indicator',
	none: 'no two-point tester yet'
};
const changeWords = {
	powerSeen: 'Power was seen to come on',
	ohmmeterLive: 'The ohmmeter showed volts, or refused',
	foundUnlocked: 'The breaker was found unlocked',
	wasAway: 'Was away while nobody watched it',
	otherBoxOpened: 'Another box was opened'
};

/** What was read off the part, in the order in which it is asked. */
function handWords(hand: PartInHand = {}, region: 'us' | 'uk'): string {
	const said = [
		hand.holds && handValues[hand.holds],
		hand.lineAt && `LINE ${handValues[hand.lineAt]}`,
		hand.indicator && handValues[hand.indicator],
		hand.gaugeMm !== undefined && `gauge ${hand.gaugeMm} mm`,
		hand.torqueNm !== undefined && torqueWord(region, hand.torqueNm),
		hand.chargerW !== undefined && `USB ${hand.chargerW} W`
	].filter((each) => typeof each === 'string');
	return said.length > 0 ? `; ${said.join(', ')}` : '';
}

/** A landing by its id alone, where the plan in force has it elsewhere. */
const landingLine = (move: string, region: 'us' | 'uk'): string =>
	move.startsWith('land ') ? `On: ${terminalWord(region, move.slice('land '.length))}` : move;

export function eventWords(event: JobEvent, house: House, plan: JobPlan, earth: Earth = 'box'): EventWords {
	const { body, judged } = event;
	const { region } = plan;
	const t = terms[region];
	const expected = judged?.expected
		? 'volts' in judged.expected
			? voltsWord(judged.expected.volts)
			: 'lamps' in judged.expected
				? lampsWords(judged.expected.lamps, region)
				: ohmsWord(judged.expected.resistanceOhm)
		: '';
	const line = (text: string, value = '', passes: boolean | null = judged?.passes ?? null): EventWords => ({
		text,
		value,
		expected,
		passes
	});
	switch (body.kind) {
		case 'confirm':
			return line(
				plan.putBack && body.step === 'easeOut'
					? `${kindWords(plan.oldDevice)} eased out`
					: plan.newWork && body.step === 'easeForward'
						? 'The cable’s ends brought into view, off and held'
						: confirmedWords(region)[body.step]
			);
		case 'decideProtection':
			return line(
				'Protection asked here',
				body.decision === 'sameAgain'
					? 'the same put in again, left open'
					: 'not such a place, or protected otherwise'
			);
		case 'readGroundEarth':
			return line(`${capital(t[body.of])} to a known ${t.ground}, power on`, readingWords(body.reading));
		case 'touchSupply':
			return line(
				`Alive, cable ${cableLetter(plan, body.cable)}, by contactless tester`,
				body.alarms ? 'alarms' : 'silent',
				null
			);
		case 'trySupply':
			return line(
				`Alone on LINE of the new part, cable ${cableLetter(plan, body.cable)}`,
				body.resets ? 'it resets' : 'it won’t reset',
				null
			);
		case 'readBaseline':
			return line(
				`${capital(t.hot)} to ${t.neutral}, wires off${cableLetter(plan, body.group) ? `, cable ${cableLetter(plan, body.group)}` : ''}`,
				ohmsWord(body.value.kind === 'overload' ? null : body.value.resistanceOhm)
			);
		case 'readEnds':
			return line(
				`End to end, ${t[body.role]} to ${t[body.role]}`,
				ohmsWord(body.value.kind === 'overload' ? null : body.value.resistanceOhm)
			);
		case 'checkTools':
			return line('Tools laid out', testerWords[body.tester]);
		case 'checkPart':
			return line('New part checked', `${body.answers.ratingA} A${handWords(body.hand, region)}`);
		case 'readLive':
			return line(`Live first, ${halfWords[body.half]}`, readingWords(body.reading));
		case 'readAsFound':
			return line(
				`As found, ${halfWords[body.half]}`,
				`${lampsWords(body.lamps, region)}; a plug ${body.holds ? 'holds' : 'is loose'}`
			);
		case 'deadFromStart':
			return line(
				`Dead from the start, ${halfWords[body.half]}`,
				body.witness === null ? '' : `watched: ${boxPlace(house, body.witness)}`
			);
		case 'seeControlled':
			if (plan.newWork)
				return line(
					`Lamp at ${plan.controls!.map((box) => boxPlace(house, box)).join(' and ')}`,
					{
						on: body.lit ? 'lit' : 'dark',
						off: body.lit ? 'still lit' : 'gone dark',
						after: body.lit ? 'lit again' : 'not lit'
					}[body.when],
					body.when === 'on' ? null : undefined
				);
			return line(
				`What the ${putBackKind(plan)} works${body.when === 'on' ? ', switched on' : ''}`,
				{
					on: body.lit ? 'lit' : 'stays dark',
					off: body.lit ? 'still lit' : 'gone dark',
					after: body.lit ? 'on and off as before' : 'not as before'
				}[body.when],
				body.when === 'on' ? null : undefined
			);
		case 'readWitness':
			return line(boxPlace(house, body.box), body.lit ? 'still lit' : 'gone dark', !body.lit);
		case 'planAnew':
			return line('Found otherwise than recorded', 'planned anew');
		case 'landAt':
			return line(
				landingLine(body.move, region),
				`goes on the ${terminalWord(region, body.terminal)} instead`
			);
		case 'addBox':
			return line(boxPlace(house, body.box), 'taken into this job');
		case 'dropBox':
			return line(boxPlace(house, body.box), 'left out of this job again');
		case 'readPlateScrew':
			return line(
				`From a slot of the ${halfWords[body.half]} to the plate screw`,
				readingWords(body.reading)
			);
		case 'readLiveGround':
			return line(
				`Live first, ${t.hot} to ${t.ground}`,
				`${readingWords(body.reading)}; ${body.touchless === 'none' ? 'no contactless tester' : `${t.ground} ${body.touchless}`}`
			);
		case 'proveEarth':
			return line(
				`Known ${region === 'uk' ? 'earth' : 'ground'} from ${sourceWords(house, body.source)}`,
				lampsWords(body.lamps, region)
			);
		case 'searchBy':
			return line('Looking for the breaker', meansWords[body.settings.means].short);
		case 'searched':
			return body.event.kind === 'signal'
				? line(
						'Signal strongest at',
						body.event.strongest === null ? 'none of them' : breakerName(house, body.event.strongest)
					)
				: line(`Search: ${breakerNames(house, body.event.off)} off`, answerWords[body.event.answer]);
		case 'arranged':
			return line('Seen to before switching off', body.how);
		case 'switchBreaker':
			return line(`${capital(namedBreakers(house, body.breaker))} switched ${body.on ? 'back on' : 'off'}`);
		case 'hold':
			return line('Held off', holdWords[body.way]);
		case 'proveTester':
			return line(
				`Tester proved ${body.when === 'before' ? 'before' : 'after'}, on ${sourceWords(house, body.source)}`,
				readingWords(body.reading)
			);
		case 'readPair':
			return line(capital(pairWords(plan, body.pair, earth)), readingWords(body.reading));
		case 'amendVolts':
			return line('An earlier reading put right', readingWords(body.reading));
		case 'lookOver':
			return line(
				body.asRecorded ? 'Wires seen as recorded' : 'Wires not as recorded',
				[body.seen ? boxSeenWords(body.seen) : '', body.note].filter(Boolean).join('; '),
				body.asRecorded
			);
		case 'autopsy': {
			const faults = autopsyFaults(body.autopsy);
			return line(
				'The old device looked over',
				faults.length === 0 ? 'nothing wrong with it' : faults.map((fault) => autopsyWords[fault]).join(' ')
			);
		}
		case 'foundConductor':
			return line(
				'A further conductor found',
				`${body.colour}, ${body.where === 'onDevice' ? 'on the device' : 'not on the device'}`
			);
		case 'inspect': {
			const words = conditionWords(region);
			const seen = Object.entries(body.answers).filter(([, answer]) => answer !== 'no');
			return line(
				'Condition looked at',
				seen.length === 0
					? 'nothing found'
					: seen
							.map(([key, answer]) => {
								const on = body.where?.[key as keyof typeof words] ?? [];
								const at = on.map((id) => (id === 'device' ? 'the device' : wireById(plan, id))).join(', ');
								return `${words[key as keyof typeof words].look}${answer === 'unsure' ? ' (unsure)' : ''}${at ? `, on ${at}` : ''}`;
							})
							.join('; ')
			);
		}
		case 'takeOff':
			return line(`Taken off: ${terminalWord(region, body.terminal)}`);
		case 'move': {
			const move = plan.work?.ways.flatMap(({ moves }) => moves).find(({ id }) => id === body.move);
			return line(
				move ? capital(madeLine(move, atBoxOf({ house, plan }))) : landingLine(body.move, region),
				[satWords(body.sat, plan), !body.held ? 'came out of its tug' : move && isJoint(move) ? 'tugged' : '']
					.filter((each) => each !== '')
					.join(', ')
			);
		}
		case 'fixLabel':
			return line('Label on the plate', `“${labelText[body.label]}”`);
		case 'checkWork': {
			const words = checkWords(plan, body.check, house);
			const time = body.tripS === undefined ? '' : `, in ${body.tripS} s`;
			return line(words.title, `${body.passes ? words.yes : words.no}${time}`);
		}
		case 'supplyWay':
			return line(
				'Supply cable',
				{
					dead: 'looked for by resistance',
					live: 'looked for by voltage',
					device: 'looked for by the new part',
					skip: 'left unknown'
				}[body.way]
			);
		case 'readSupplyOhms':
			return line(
				`${capital(t.neutral)} to ${plan.grounded ? t.ground : `the known ${t.ground}`}, cable ${cableLetter(plan, body.cable)}`,
				`${ohmsWord(body.value.kind === 'overload' ? null : body.value.resistanceOhm)}: ${cableVerdictWords(judged?.cable)}`
			);
		case 'readSupplyVolts':
			return line(
				`Alive, cable ${cableLetter(plan, body.cable)}`,
				`${t.hot} to ${t.neutral} ${readingWords(body.hotNeutral)}, to ${t.ground} ${readingWords(body.hotGround)}: ${cableVerdictWords(judged?.cable)}`
			);
		case 'cap':
			return line('Bare ends capped');
		case 'reopen':
			return line('Box opened again');
		case 'readOhms': {
			const between =
				body.check === 'groundBox'
					? `${t.ground} to box`
					: body.check === 'pinPlate'
						? `${t.ground} pin to the metal plate`
						: `${t.hot} to ${body.check === 'hotNeutral' ? t.neutral : t.ground}`;
			return line(
				capital(between),
				ohmsWord(body.value.kind === 'overload' ? null : body.value.resistanceOhm)
			);
		}
		case 'restorePower': {
			const fuse = isFuse(house, plan.recordedBreaker);
			return line(
				'Power restored',
				`the ${fuse ? 'fuse' : t.breaker} ${body.held ? 'held' : fuse ? 'blew' : 'tripped'}`
			);
		}
		case 'readPlug':
			return line(`Plug-in test, ${halfWords[body.half]}`, lampsWords(body.lamps, region));
		case 'readOutlet':
			return line(
				`Final test, ${halfWords[body.half]}`,
				`${readingWords(body.hotNeutral)}; neutral to known ground ${readingWords(body.neutralEarth)}`
			);
		case 'readLoaded':
			return line(
				body.read.kind === 'left' ? 'With a load in it' : `With ${body.read.watts} W in it`,
				body.read.kind === 'left'
					? leftWords[body.read.because]
					: loadedLine(body.read, event.judged?.loaded, region)
			);
		case 'checkNeighbour':
			return line(boxPlace(house, body.box), body.works ? 'works' : 'dark');
		case 'grip':
			return line(`Grip, ${halfWords[body.half]}`, body.holds ? 'holds' : 'loose');
		case 'tidyDirectory':
			return line('Directory now says', `“${body.label}”`);
		case 'changed':
			return line(changeWords[body.what]);
		case 'note':
			return line('Note', body.text);
		case 'stop':
			return line(`Stopped: ${stopWords(region)[body.reason].why}`, body.note);
		case 'finish':
			return line('Finished');
	}
}

function wireById(plan: JobPlan, id: string): string {
	const wire = plan.takeOff.flatMap(({ wires }) => wires).find((each) => each.id === id);
	return wire ? shortWire(plan, wire) : id;
}

/** What was in a box: each cable's colours, and how they come to the device. */
export const boxSeenWords = (seen: BoxSeen): string =>
	`${seenWords(seen)}: ${seen.cables
		.map(
			(colours, k) =>
				`${String.fromCharCode(65 + k)} ${colours.map((colour) => colourWords[colour]).join(', ')}`
		)
		.join('; ')}`;

/** What a reading says a cable is. */
export const cableVerdictWords = (verdict: CableVerdict | undefined): string =>
	verdict === 'supply'
		? 'the supply'
		: verdict === 'outgoing'
			? 'goes on'
			: verdict === 'between'
				? 'between'
				: 'neither';

export const confirmedWords = (region: 'us' | 'uk') => ({
	cautions: 'Cautions read',
	tag: 'Tag hung',
	tell: 'The house told',
	plateOff: 'Plate off',
	easeOut: region === 'uk' ? 'Socket eased out' : 'Outlet eased out',
	easeForward: 'Eased forward by its edges, off and held',
	openSheath: 'Sheath and lengths as new work asks',
	prepare: 'Ends made ready',
	tape: 'Taped round',
	fold: 'Folded in',
	tugAgain: 'Every wire tugged again',
	seat: 'Screwed home',
	clearArea: 'Area clear',
	plateOn: 'Plate on',
	nothingLeft: 'Nothing left hanging',
	spreadEnds: 'Ends capped and apart',
	trialIn: 'One cable alone on LINE, screwed into the box',
	trialOut: 'Eased out of the wall again',
	trialOff: 'That cable off LINE again, capped',
	markSupply: 'Supply cable marked',
	closeUp: 'Folded back and covered'
});

/** Where an end sat that belonged elsewhere. */
const satWords = (sat: string | undefined, { region }: JobPlan): string =>
	sat === undefined
		? ''
		: sat === 'bare'
			? 'was on nothing, put right'
			: `sat on the ${terminalWord(region, sat)}, put right`;
