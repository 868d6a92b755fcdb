import { everyState, fewerLandings, planOf } from '../../test/everyState';
import { fennelLaneRecorded } from '../demo';

// The two-slot plan is walked with all of its own pairs.
everyState('us, two-slot without a ground', {
	...fewerLandings(planOf(fennelLaneRecorded(), 'reading-stove-wall')),
	deadFromStart: false,
	witnesses: []
});
