import { everyState, fewerPairs, planOf } from '../../test/everyState';
import { tanneryRow } from '../demo';

everyState('uk, ring', fewerPairs(planOf(tanneryRow(), 'box-room-desk')));
