import { pressTest, pressTester, resetDevice } from '../bench/device';
import { wallSwitchesOff, deviceModel, findBox, points, type Half, type House } from '../house';
import { lampGlows, readVoltageV } from '../instruments';
import type { JobPlan } from './jobPlan';
import { checkId } from './work';

/** Readings that tell no legs from two differ by the whole supply, V (chosen: far above what loads and meters do). */
const sameVoltsWithin = 30;

/** What a check of the work shows on a house wired so: whether it is as it should be. `null` for one that isn’t of this plan. */
export function workCheckPasses(house: House, plan: JobPlan, id: string): boolean | null {
	const { boxId } = plan;
	if (id === 'reset') return resetDevice(house, boxId).ok;
	const check = plan.work?.checks.find((each) => checkId(each) === id);
	if (!check) return null;
	const glows = (after: House, box: string, half: Half) => lampGlows(after, box, half);
	const pressed = () => {
		const press = pressTest(house, boxId);
		return press.ok ? press.settled.house : house;
	};
	const firstHalf = (box: string): Half | undefined => {
		const device = findBox(house, box)?.device;
		return device && deviceModel(device).halves[0];
	};
	switch (check.check) {
		case 'button':
			return !plan.newHalves.some((half) => glows(pressed(), boxId, half));
		case 'dark':
		case 'stays': {
			const half = firstHalf(check.box);
			return half === undefined || glows(pressed(), check.box, half) === (check.check === 'stays');
		}
		case 'resetAgain':
		case 'resetLast': {
			const press = pressTest(house, boxId);
			return press.ok && resetDevice(press.settled.house, boxId).ok;
		}
		case 'tester':
			return pressTester(house, boxId, plan.newHalves[0]!).trips.some(({ device }) => device === boxId);
		case 'betweenHots': {
			const [upper, lower] = plan.newHalves.map((half) => points.contact(boxId, half, 'hot'));
			const volts = readVoltageV(house, { red: upper!, black: lower! }, 'highImpedance');
			return Math.abs(volts - check.volts) < sameVoltsWithin;
		}
		case 'switchDark':
		case 'switchStays': {
			return glows(wallSwitchesOff(house), boxId, check.half as Half) === (check.check === 'switchStays');
		}
		case 'reset':
			return null;
	}
}
