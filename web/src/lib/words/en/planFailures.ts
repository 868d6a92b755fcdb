import type { AddFailure, WholeFailure } from '@wary/core/job';
import type { Region } from '@wary/core/rules';
import type { Kept } from '@wary/core/shopping';
import { terms } from './terms';
import { wishRefusalWords, workFailureWords, type AtBox } from './work';

/** Why no job can be planned at a box, or at several. */
export function planFailureWords(failure: WholeFailure, region: 'us' | 'uk', at?: AtBox): string {
	const t = terms[region];
	switch (failure.code) {
		case 'wish':
			return wishRefusalWords(failure.refusal, region);
		case 'notSoldHere':
		case 'planFails':
			return at ? workFailureWords(failure, at) : 'The model finds something wrong with this plan.';
		case 'boxTwice':
			return `This ${t.outlet} is in the job already.`;
		case 'besideLeftOut':
			return `Another device sits in the same box, its wires in reach of your hands: it comes out and is read dead as well. Take it into the job.`;
		case 'nothingPutIn':
			return 'It would only be taken out and put back. Say what is done in the same box, or leave it where it is.';
		case 'otherBreaker':
			return `It hangs on another ${t.breaker}: switched off for one it could stay live here. Make it a job of its own.`;
		case 'unknownBox':
			return `There is no ${t.outlet} by that name in this home.`;
		case 'noDevice':
		case 'notAnOutlet':
			return `There is no ${t.outlet} in this box to replace.`;
		case 'noCircuit':
			return `No cable is on record here, so nothing says which circuit it is on. Find its ${t.breaker} first, or put it on a circuit on the House page.`;
		case 'nothingFitted':
			return `Nothing is fitted here yet. A new ${t.outlet} goes on the end of its cable: plan what goes in.`;
		case 'newBeside':
			return `Another device sits in the same box. A new ${t.outlet} beside one that is there isn’t led through here: have it done.`;
		case 'newOneCable':
			return `A new ${t.outlet} goes on the end of one cable, its wires capped. More of them, or none: put on record what comes to this box first.`;
		case 'newUngrounded':
			return region === 'uk'
				? 'No earth comes with this cable. No socket is added to it.'
				: 'No ground comes with this cable, and a circuit without one isn’t extended (NEC 250.130(C)): a ground is brought first, or a new cable, by an electrician.';
		case 'newNoResidual':
			return 'Nothing in the consumer unit opens at a leak on this circuit. A socket that is there may be changed; none is added before a 30 mA RCD guards it (BS 7671 411.3.3).';
		case 'newUnguarded':
			return `A new ${t.outlet} at this place has to be protected (${failure.asked.code} ${failure.asked.edition} ${failure.asked.clause}). ${region === 'uk' ? 'Find another place.' : 'Plan a GFCI here, or before it on the same cable.'}`;
		case 'groundUnused':
			return 'There is a ground in this box, and a two-slot outlet doesn’t use it. What belongs here is a grounded one (NEC 406.4(D)(1)): a choice of its own, not a like-for-like swap.';
		case 'nothingOnDevice':
			return `The record shows no ${t.hot} or ${t.neutral} on this ${t.outlet}.`;
		case 'sharedNeutral':
			return `Two ${t.breaker}s share a neutral here, and they don’t switch off together. Opened with one of them on, that neutral comes alive and puts the voltage of both circuits on what is plugged in. First have them made to open together (${region === 'uk' ? 'a double-pole device' : 'a two-pole breaker or a handle tie, NEC 210.4(B)'}), by a ${t.handTo}; record it on the House page; then begin here.`;
	}
}

/** Why an outlet doesn’t come into a job under way. */
export const addFailureWords = (failure: AddFailure, region: 'us' | 'uk'): string =>
	failure.code === 'ruledOut'
		? `A rule is in the way of what is wished for there (${failure.by.clause}); the plan of that ${terms[region].outlet} says why.`
		: planFailureWords(failure, region);

/** Why a kept plan can’t be done as the house is now. */
export const keptFailureWords = (failure: Extract<Kept, { ok: false }>['failure'], region: Region): string =>
	failure.code === 'ruledOut'
		? 'A rule is in the way of it now. Open it to see which, and choose again.'
		: `It can’t be done as the record is now. ${planFailureWords(failure, region)}`;
