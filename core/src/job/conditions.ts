import type { Condition } from './events';

/** Conditions that end the job, as against those that only change the next steps. */
export const stopping: readonly Condition[] = [
	'scorchIntoWall',
	'crumblingInsulation',
	'aluminium',
	'tooShort',
	'liveGround'
];

/** How much a condition weighs: it ends the job; it is put right on the way; it is put right and watched. */
export const severityOf = (condition: Condition): 'stop' | 'mend' | 'watch' =>
	stopping.includes(condition)
		? 'stop'
		: (
					[
						'scorchLocal',
						'nearlyCut',
						'corrosion',
						'recessedBox',
						'looseBox',
						'shortButReaches'
					] as Condition[]
			  ).includes(condition)
			? 'watch'
			: 'mend';
