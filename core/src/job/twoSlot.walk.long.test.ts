import { everyState, planOf } from '../../test/everyState';
import { fennelLaneRecorded } from '../demo';

// The two-slot plan is walked with all of its own pairs.
everyState('us, two-slot without a ground', planOf(fennelLaneRecorded(), 'reading-stove-wall'));
