import { everyState, workPlanOf } from '../../test/everyState';
import { wishOf } from '../../test/wishes';
import { arrangements, here } from '../arrangements';

const switched = arrangements.find(({ kind }) => kind === 'halfSwitched')!.build();
everyState('us, half-switched', workPlanOf(switched, here, wishOf('decorator')));
