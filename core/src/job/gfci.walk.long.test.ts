import { everyState, workPlanOf } from '../../test/everyState';
import { wishOf } from '../../test/wishes';
import { arrangements, here } from '../arrangements';

const middle = arrangements.find(({ kind }) => kind === 'middleThrough')!.build();
everyState('us, GFCI in the middle', workPlanOf(middle, here, wishOf('gfci', 'protected')));
