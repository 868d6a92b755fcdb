import { everyState, workPlanOf } from '../../test/everyState';
import { wishOf } from '../../test/wishes';
import { arrangements, here } from '../arrangements';
import { editHouse } from '../house';

const built = arrangements.find(({ kind }) => kind === 'endOfRun')!.build();
const blank = editHouse(built, [{ do: 'setBox', box: here, device: { kind: 'blank' } }]);
if (!blank.ok) throw new Error(blank.refusal.code);
const plan = workPlanOf(blank.house, here, wishOf('duplex'));

// What is dead from the start, and which pairs there are, is walked elsewhere.
everyState(
	'a new outlet on the end of a cable',
	{
		...plan,
		takeOff: plan.takeOff.slice(0, 1),
		resistanceChecks: ['hotNeutral'],
		deadFromStart: false,
		witnesses: [],
		baselines: []
	},
	3
);
