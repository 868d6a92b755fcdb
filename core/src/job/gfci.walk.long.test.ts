import { everyState, workPlanOf } from '../../test/everyState';
import { arrangements, here } from '../arrangements';

const middle = arrangements.find(({ kind }) => kind === 'middleThrough')!.build();
everyState(
	'us, GFCI in the middle',
	workPlanOf(middle, here, {
		part: 'gfci',
		feed: 'protected',
		switched: 'keep',
		connector: 'lever',
		wireEnd: 'clampPlate'
	})
);
