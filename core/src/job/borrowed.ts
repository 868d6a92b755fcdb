import { deadBand, type VoltReading } from '../isolation';
import type { JobEvent } from './events';
import type { JobPlan } from './jobPlan';
import { pairsToRead, type Earth } from './pairs';

/**
 * From here up a neutral that was switched off carries somebody's current, V: where neutral and ground meet in the panel the model shows 0.000 V between them, and what
 * another circuit sends back through it some tenths.
 */
export const borrowedFromV = 0.1;

/** Whether a pair that reads dead shows all the same that another circuit returns through its neutral. An indicator has no mark that low. */
export function isBorrowed(plan: JobPlan, earth: Earth, pair: string, reading: VoltReading): boolean {
	if (reading.instrument !== 'multimeter' || reading.volts < borrowedFromV) return false;
	const { face, bare } = pairsToRead(plan, earth);
	const kind = [...face, ...bare].find(({ id }) => id === pair)?.kind;
	return plan.neutralMeetsGround && kind === 'neutralGround' && deadBand(reading) === 'dead';
}

/** What the job knows of a reading of a pair beside its band, for the isolation: judged when it was taken, it is dead and yet doesn't pass. */
export const meaningOf = (reading: VoltReading, { judged }: JobEvent, cleared: readonly string[]) => ({
	borrowed: deadBand(reading) === 'dead' && judged?.passes === false,
	cleared
});
