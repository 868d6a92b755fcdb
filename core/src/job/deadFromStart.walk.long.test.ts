import { everyState, fewerLandings, fewerPairs, planOf } from '../../test/everyState';
import { fennelLaneRecorded } from '../demo';

const plan = fewerLandings(fewerPairs(planOf(fennelLaneRecorded(), 'living-bookcase')));
// What a box’s own work is made of is walked elsewhere: here it is how it comes to be dead.
everyState(
	'us, dead from the start',
	{
		...plan,
		deadFromStart: true,
		witnesses: ['living-sofa'],
		asFound: null,
		asked: null,
		metalBox: false,
		facePairs: plan.facePairs.slice(0, 2),
		barePairs: plan.barePairs.slice(0, 2),
		supplyCables: [],
		baselines: [],
		takeOff: plan.takeOff.slice(0, 1),
		newHalves: plan.newHalves.slice(0, 1),
		resistanceChecks: ['hotNeutral'],
		upstream: [],
		downstream: [],
		hard: {}
	},
	2
);
