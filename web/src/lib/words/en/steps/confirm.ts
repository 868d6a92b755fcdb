import { nextOnLine, type Step } from '@wary/core/job';
import { boxPlace, cableWords, capital, terms } from '../terms';
import { newWorkWords } from './newWork';
import { putBackWords } from './putBack';
import type { StepWords, Telling } from './step';

/** Steps that are simply done or not. */
export function confirmWords(
	step: Extract<Step, { kind: 'confirm' }>['step'],
	{ plan, house, state }: Telling
): StepWords {
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
				lead: `Your name, today’s date and time, “do not switch on”. On the lock, or taped over ${uk ? 'the MCB or fuse holder' : 'the breaker'}.`,
				why: 'It tells the next person that the dark is on purpose.'
			};
		case 'tell':
			return {
				title: 'Tell the house',
				lead: `Everyone at home knows that it is off, why, and that nobody touches the ${t.panel}.`,
				why: 'Clocks, router, freezer stop: somebody will go and look. Better that they know why.'
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
		case 'easeForward':
			// Only what has no face is eased forward unproven, and what has none is only put back.
			return putBackWords(step, { plan, house, state })!;
		case 'openSheath':
			return newWorkWords({ kind: step }, { plan, house, state })!;
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
				why: uk
					? 'A wire trapped behind the face is a short that waits.'
					: 'A wire pinched behind the yoke is a short that waits.'
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
				lead:
					state.device === 'none'
						? `Everybody out of reach of ${boxPlace(house, plan.boxId)}: children and pets behind a closed door. Someone at the door is better than a closed one.`
						: `Hands, tools, children and pets away from ${boxPlace(house, plan.boxId)}. Nothing plugged in there.`,
				why:
					state.device === 'none'
						? state.supply.trial
							? 'The box is shut, and one cable behind the face may be about to be alive.'
							: 'The box is open and its conductors are about to be alive. That is why the dead way comes first.'
						: 'From the next step on it is live on purpose. Nobody touches it until it is tested.'
			};
		case 'nothingLeft':
			return {
				title: 'Nothing left hanging',
				lead: `Clip, padlock, tape and tag are off again. Every ${t.breaker} that was tried is on again. Lead and lamp are unplugged.`,
				why: 'A lock that is forgotten gets cut, and a tag that means nothing teaches people to ignore tags.'
			};
		case 'spreadEnds':
			return {
				title: 'Capped, apart, and away',
				lead: 'Every end has a cap of its own, bent away from every other and from the box. The device is out of the way. Look once more: nothing bare anywhere.',
				why: 'In a minute these ends are alive. Nothing may be able to touch, and nobody.'
			};
		case 'trialIn': {
			const cable = state.supply.trial?.cable ?? nextOnLine(plan, state.supply);
			const which = cable === null ? '' : cableWords(house, plan, cable);
			return {
				title: `On LINE alone: ${which}`,
				lead: `Only this cable’s ${t.hot} and ${t.neutral} go on LINE (supply in), brass and silver, tightened and tugged. LOAD stays empty. Every other end keeps its cap. Fold it in and drive in the ${uk ? 'fixing' : 'yoke'} screws; nothing bare stays outside.`,
				why: 'In a minute power is on. Everything that could be alive is behind the face then, and nobody has to reach for it.'
			};
		}
		case 'trialOut':
			return {
				title: 'Ease the part out again',
				lead: 'Off and held. Screws out, then pull the part forward by its yoke, hands off the terminals: these wires count as live until they have been read.',
				why: 'Power was on since they were last proven dead. Its face says nothing: a part that has tripped, or never reset, is dark in front of live wires.'
			};
		case 'trialOff':
			return {
				title: `Off LINE again: ${state.supply.trial ? cableWords(house, plan, state.supply.trial.cable) : ''}`,
				lead: `${state.supply.outcome === 'found' ? 'It was the supply. ' : 'It wouldn’t reset on this one. '}Loosen LINE, take both wires off, and cap each.`,
				why:
					state.supply.outcome === 'found'
						? 'With the rest it goes on for good: ground first, every end made ready, each tugged.'
						: 'One cable at a time: with two on it nothing would be told.'
			};
		case 'markSupply':
			return {
				title: 'Mark the supply cable',
				lead: `It is ${state.supply.found.map((cable) => cableWords(house, plan, cable)).join(', and ')}. A turn of tape round ${state.supply.found.length > 1 ? 'each sheath' : 'its sheath'}, with “SUPPLY” on it.`,
				why: 'What was measured today must not be guessed tomorrow. It goes into the record with its reading.'
			};
		case 'closeUp': {
			const bare = Object.values(state.wires).some((wire) => wire === 'capped');
			return {
				title: 'Close the box',
				lead: `${bare ? 'Capped ends go in folded, each by itself, ground first and deepest.' : 'Fold everything back as it sat, ground first and deepest.'} ${
					state.device === 'none'
						? `A blank plate over the box, or the ${uk ? 'socket' : 'plate'} screwed on before it, connected to nothing.`
						: `Then the ${uk ? 'socket on its two screws' : `${t.outlet} on its screws and the plate over it`}. Screws by hand.`
				}`,
				why: 'Whoever comes next, or a child, finds a closed box. From here this job only ends: what was done, found and read is kept.'
			};
		}
		case 'plateOn':
			return {
				title: 'Plate on',
				lead: 'Plate screw only. The outlet behind it is live: the driver stays in the screw. A metal plate: switch off first.',
				why: 'Snug, not tight. An overtightened plate cracks.'
			};
	}
}
