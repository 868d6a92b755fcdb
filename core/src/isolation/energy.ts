import { own } from '../house';
import type { IsolationState } from './state';

/** The states the product knows; `assumedLive` is always the start. */
export type Energy = 'assumedLive' | 'expectedDead' | 'provenDead' | 'deliberatelyLive';

/** Whether tester, every pair and tester again have been read, and nothing speaks against it. */
export function proofStands({ proof }: IsolationState): boolean {
	return (
		proof.before !== null &&
		proof.after !== null &&
		// Nothing read proves nothing.
		proof.required.length > 0 &&
		proof.required.every((pair) => own(proof.pairs, pair)?.band === 'dead')
	);
}

/** The energy state. Dead is never said without evidence: any doubt, and any gap in it, is live. */
export function energyOf(state: IsolationState): Energy {
	if (last?.state !== state) last = { state, energy: workOut(state) };
	return last.energy;
}

/** One state is asked many times in a row, and never changes. */
let last: { readonly state: IsolationState; readonly energy: Energy } | null = null;

function workOut(state: IsolationState): Energy {
	if (state.power === 'restored') return state.areaClear ? 'deliberatelyLive' : 'assumedLive';
	if (state.power !== 'off' || state.hold === null || state.doubt !== null) return 'assumedLive';
	return proofStands(state) && state.besideProven ? 'provenDead' : 'expectedDead';
}

/** Pairs that still have to be read dead, in order. */
export const pairsLeft = ({ proof }: IsolationState): string[] =>
	proof.required.filter((pair) => own(proof.pairs, pair)?.band !== 'dead');
