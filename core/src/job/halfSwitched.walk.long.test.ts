import { everyState, workPlanOf } from '../../test/everyState';
import { arrangements, here } from '../arrangements';

const switched = arrangements.find(({ kind }) => kind === 'halfSwitched')!.build();
everyState(
	'us, half-switched',
	workPlanOf(switched, here, {
		part: 'decorator',
		feed: 'asFound',
		switched: 'keep',
		connector: 'lever',
		wireEnd: 'clampPlate'
	})
);
