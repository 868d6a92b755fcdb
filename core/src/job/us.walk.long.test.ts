import { everyState, fewerLandings, fewerPairs, planOf } from '../../test/everyState';
import { fennelLaneRecorded } from '../demo';

everyState(
	'us, middle of a run',
	fewerLandings(fewerPairs(planOf(fennelLaneRecorded(), 'sewing-east-wall')))
);
