import { everyState, fewerPairs, planOf } from '../../test/everyState';
import { fennelLaneRecorded } from '../demo';

everyState('us, middle of a run', fewerPairs(planOf(fennelLaneRecorded(), 'sewing-east-wall')));
