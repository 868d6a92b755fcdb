import { everyWhole, plainBox } from '../../test/everyWhole';
import { outletBesideSwitch, twoGang } from '../../test/twoGang';
import { arrangements, here } from '../arrangements';
import { planWhole } from '.';

const planned = planWhole(
	arrangements.find(({ kind }) => kind === 'middleThrough')!.build({}),
	['before', here, 'after'].map((boxId) => ({ boxId, wish: null }))
);
if (!planned.ok) throw new Error(planned.failure.code);
const boxes = planned.plans.map(plainBox);

// Two of them are met on the way.
everyWhole('a chain of three', boxes);

const gang = planWhole(
	twoGang(),
	[here, 'after'].map((boxId) => ({ boxId, wish: null }))
);
if (!gang.ok) throw new Error(gang.failure.code);
everyWhole('two devices in one box', gang.plans.map(plainBox));

const besideSwitch = planWhole(outletBesideSwitch(), [
	{ boxId: here, wish: null },
	{ boxId: 'after', wish: 'putBack' }
]);
if (!besideSwitch.ok) throw new Error(besideSwitch.failure.code);
everyWhole('an outlet beside a wall switch', besideSwitch.plans.map(plainBox));
