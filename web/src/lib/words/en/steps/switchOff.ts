import { findBreaker } from '@wary/core/house';
import { breakerName, breakerNames, capital, isFuse, namedBreakers, switchedOff, terms } from '../terms';
import { putBackKind } from '../devices';
import type { StepWords, Telling } from './step';

/** At the panel: which breaker, and why that one. */
export function switchOffWords({ house, plan, state }: Telling, also: string | null): StepWords {
	const t = terms[plan.region];
	const { isolation } = state;
	if (also !== null) {
		const because = plan.together.find(({ breaker }) => breaker === also)?.because;
		if (because === undefined && state.redo !== null && state.provenWith.includes(also))
			return {
				title: `${capital(breakerName(house, also))} goes off again`,
				lead: `With ${breakerName(house, also)} off these conductors were proven dead. Nothing is opened with another one.`,
				why: 'After a test that came out wrong the face shows little: a part that has tripped, or an open joint, is dark in front of wires that are alive. What made them dead before makes them dead again.'
			};
		if (because === undefined && plan.controls !== null)
			return {
				title: `${capital(breakerName(house, also))} off as well`,
				lead: plan.newWork
					? state.controlled.dark === false
						? `What was lit on the same ${t.breaker} by the record is still lit: another one feeds it. So everything goes off.`
						: `Nothing was seen lit that hangs on the same ${t.breaker}, so nothing can be seen to go dark. Everything goes off.`
					: state.controlled.dark === false
						? `What the ${putBackKind(plan)} works is still lit: another ${t.breaker} feeds it. So everything goes off.`
						: `Nothing that the ${putBackKind(plan)} works was seen lit, so nothing can be seen to go dark. Everything goes off.`,
				why: 'Its wires are in the same box as those you will handle. With all of it off there is nothing left to feed them, and every one is still read.'
			};
		if (because === undefined)
			return {
				title: `${capital(breakerName(house, also))} off as well`,
				lead: `Nothing here could be shown live, and nothing on the same ${t.breaker} is lit to go dark. So everything goes off.`,
				why: 'Dead before and dead after shows nothing. With all of it off there is nothing left to feed this box, and every conductor is still read.'
			};
		return {
			title: `${capital(breakerName(house, also))} has to be switched off as well`,
			lead:
				because === 'sharedNeutral'
					? `By the record it shares its neutral with ${breakerNames(house, isolation.off)}. Both off before the box is opened.`
					: because === 'tied'
						? `Its handle is tied to that of ${namedBreakers(house, isolation.off)}: it should have gone with it. Look that it did; they share a neutral.`
						: `By the record its circuit is in this box as well. Both off before the box is opened.`,
			why:
				because !== 'inTheBox'
					? 'A shared neutral carries the other circuit’s current. Opened while that one is on, it comes alive, and lamps and chargers on the two circuits can get the voltage of both.'
					: 'Switching one off leaves the other alive, in the same box, on the same device.',
			rule: plan.region === 'uk' ? 'BS 7671 314.4' : 'NEC 2020 210.4(B), 210.7'
		};
	}
	const fuses = isolation.off.length > 0 && isolation.off.every((id) => isFuse(house, id));
	const last = isolation.notFeeding.at(-1);
	if (isolation.power === 'tripped')
		return {
			title: fuses ? 'It blew: leave it out' : 'It tripped: leave it off',
			lead: fuses
				? `Draw ${namedBreakers(house, isolation.off)} out. Don’t put another in.`
				: `Move ${namedBreakers(house, isolation.off)} fully to off. Don’t try it again.`,
			why: 'Opening at once means it met a short circuit or a fault to earth. The joints you made are the first suspects.'
		};
	if (isolation.power === 'unknown')
		return {
			title: `Back to the ${t.panel}`,
			lead: fuses
				? `Look at the holder of ${namedBreakers(house, isolation.off)}. It is empty, or is made so, whatever you find.`
				: `Look at ${namedBreakers(house, isolation.off)}. Put it fully to off, whatever you find.`,
			why: 'Something happened that could have put power back. What was proven before no longer counts.'
		};
	if (isolation.power === 'restored' && state.device === 'none')
		return {
			title: 'Off again',
			lead: `${switchedOff(house, state.feeder ?? plan.recordedBreaker)}, before anything else. Then it is held, tagged and proven dead as before.`,
			why: 'Power was on to find the supply cable and for nothing else. What was proven before it came on no longer counts.'
		};
	if (isolation.power === 'restored' && state.device === 'oldSeated')
		return {
			title: 'Off again',
			lead: `${switchedOff(house, state.feeder ?? plan.recordedBreaker)}. This ${t.outlet} has been read live; with that off it is held, tagged and proven dead by itself, like the first.`,
			why: 'What was proven at another box says nothing of this one, and power has been on since.'
		};
	if (isolation.power === 'restored')
		return {
			title: 'Off again',
			lead: `${switchedOff(house, state.feeder ?? plan.recordedBreaker)}. The box has to be opened once more.`,
			why: 'A test did not come out right. Nothing is put right alive.'
		};
	if (last !== undefined)
		return {
			title: `Not ${breakerName(house, last)}: find the other`,
			lead: `With ${breakerName(house, last)} ${isFuse(house, last) ? 'out' : 'off'} the ${t.outlet} stayed live, whatever its label says. Put ${breakerName(house, last)} back ${isFuse(house, last) ? 'in' : 'on'}, and try another.`,
			why: `Directories are often wrong: circuits get added and moved, labels don’t. Breakers of another rating are drawn fainter: a mix-up is usually between equals.`
		};
	const recorded = findBreaker(house, plan.recordedBreaker);
	return {
		title: isFuse(house, recorded?.id)
			? `Withdraw ${namedBreakers(house, plan.recordedBreaker)}`
			: `Switch off ${breakerName(house, plan.recordedBreaker)}`,
		lead: isFuse(house, recorded?.id)
			? `The directory says “${recorded?.label || 'nothing'}”. Draw the fuse out with its carrier and put it in your pocket; a finger never goes where it sat. Then tap it here.`
			: `The directory says “${recorded?.label || 'nothing'}”. Tap the ${t.breaker} you have switched off.`,
		why: `It may be the wrong one: the label is a claim. What it does at the ${t.outlet} is what counts, and that is read next.`
	};
}
