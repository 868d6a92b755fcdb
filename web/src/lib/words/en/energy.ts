import type { House } from '@wary/core/house';
import {
	energyOf,
	holds,
	type Doubt,
	type Energy,
	type Hold,
	type IsolationState
} from '@wary/core/isolation';
import { awayAfterMin, type Earth, type JobPlan, type JobState } from '@wary/core/job';
import { capital, namedBreakers, pairWords, terms } from './terms';

export const energyWords: Record<Energy, string> = {
	assumedLive: 'TREAT AS LIVE',
	expectedDead: 'EXPECTED DEAD',
	provenDead: 'PROVEN DEAD',
	deliberatelyLive: 'LIVE ON PURPOSE'
};
export const holdWords: Record<Hold, string> = {
	padlock: 'clip and padlock on',
	clip: 'clip on, no padlock',
	tape: 'taped and tagged',
	watch: 'somebody standing by'
};

/** The strip in words: what stands behind the state, and what ends it. */
export function stripWords(
	house: House,
	plan: JobPlan,
	state: JobState
): { energy: Energy; word: string; because: string; caution: string; lapses: string } {
	const { isolation } = state;
	const energy = energyOf(isolation);
	const off = `${namedBreakers(house, isolation.off)} off`;
	const held = isolation.hold ? holdWords[isolation.hold] : 'not held';
	switch (energy) {
		case 'provenDead':
			return {
				energy,
				word: energyWords[energy],
				because: `${off}, ${held}; ${isolation.proof.required.length} pairs dead ${isolation.proof.scope === 'bare' ? 'on the bare conductors' : 'at the face'}, tester proved both times.`,
				caution:
					isolation.proof.scope === 'face' && !isolation.closed ? 'The conductors behind are next.' : '',
				lapses:
					isolation.hold !== null && holds[isolation.hold].survivesAbsence
						? 'lapses if power is seen'
						: `lapses if you leave, or ${awayAfterMin} min without an entry`
			};
		case 'expectedDead':
			return {
				energy,
				word: energyWords[energy],
				because: `${off}, ${held}.`,
				caution:
					plan.beside.length > 0 && !isolation.closed
						? 'Not proven here before every device of this box is out and read dead. Nothing bare may be touched.'
						: 'Not proven here. Nothing bare may be touched.',
				lapses:
					state.status === 'underWay' && isolation.proof.required.length === 0
						? 'to be read once it is eased forward'
						: state.status === 'underWay'
							? `reading ${readingsTaken(isolation)} of ${isolation.proof.required.length + 2}`
							: 'job over'
			};
		case 'deliberatelyLive':
			return {
				energy,
				word: energyWords[energy],
				because:
					state.supply.trial !== null
						? 'Power is on to find the supply cable: one on LINE, the others capped, the box shut.'
						: state.device === 'none'
							? 'Power is on to find the supply cable; ends capped and apart, area clear.'
							: state.late
								? `Power is on to read this ${terms[plan.region].outlet} live first, area clear.`
								: 'Power is back for the final test, area clear.',
				caution:
					state.supply.trial !== null
						? 'Buttons of its face only. The box stays shut.'
						: state.device === 'none'
							? 'The box is open. Tester only, at arm’s length.'
							: 'Plug and tester only. Nobody touches terminals.',
				lapses: 'until switched off'
			};
		case 'assumedLive':
			return {
				energy,
				word: energyWords[energy],
				because: liveBecause(plan, state),
				caution: '',
				lapses: liveLapses(state)
			};
	}
}

function liveLapses(state: JobState): string {
	if (state.status !== 'underWay') return 'job over';
	return state.isolation.power === 'asFound' && state.isolation.doubt === null
		? 'always so at the start'
		: 'until off, held and proven';
}

const readingsTaken = ({ proof }: IsolationState): number =>
	(proof.before ? 1 : 0) + Object.values(proof.pairs).length + (proof.after ? 1 : 0);

function liveBecause(plan: JobPlan, state: JobState): string {
	const { isolation } = state;
	if (isolation.doubt) return doubtWords(plan, isolation.doubt, state.earth);
	if (state.status === 'finished') return 'Finished, and in ordinary use again.';
	if (isolation.power === 'asFound') return 'Nothing has been switched off for this job.';
	if (isolation.hold === null && isolation.power === 'off')
		return 'Switched off, and nothing keeps it off yet.';
	return 'Power is on.';
}

export function doubtWords(plan: JobPlan, doubt: Doubt, earth: Earth = 'box'): string {
	const t = terms[plan.region];
	switch (doubt.reason) {
		case 'liveReading':
			// What is watched in the outlet’s place is an outlet, not a pair.
			return plan.witnesses.includes(doubt.pair)
				? 'What hangs on the same breaker by the record is still lit. The wrong one is off.'
				: `Read live: ${pairWords(plan, doubt.pair, earth)}. Something still feeds it.`;
		case 'borrowedNeutral':
			return `${capital(pairWords(plan, doubt.pair, earth))} carries a current: another circuit returns through this ${t.neutral}. Its ${t.breaker} has to be off as well.`;
		case 'ohmmeterLive':
			return `The ohmmeter showed volts, or refused: something is alive. Back to the ${t.panel}, then the whole proof again.`;
		case 'powerSeen':
			return `You saw power come on. Back to the ${t.panel}, then the whole proof again.`;
		case 'foundUnlocked':
			return `The ${t.breaker} was found unlocked. Back to the ${t.panel}, then the whole proof again.`;
		case 'wasAway':
			return `You were away from ${t.aBreaker} without a padlock. Back to the ${t.panel}, then the whole proof again.`;
		case 'otherBoxOpened':
			return 'Another box was opened. The proof here begins again with the tester.';
		case 'testerFailed':
			return 'The tester did not show a source it should have. Every reading it gave is void.';
		case 'tripped':
			return `The ${t.breaker} opened by itself. It stays off.`;
		case 'foundConductor':
			return 'A conductor that nobody has tested. It comes first.';
	}
}
