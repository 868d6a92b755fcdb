import { everyState, fewerLandings, fewerPairs, planOf } from '../../test/everyState';
import { tanneryRow } from '../demo';

everyState('uk, ring', fewerLandings(fewerPairs(planOf(tanneryRow(), 'box-room-desk'))));
