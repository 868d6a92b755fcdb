import { pressTest, pressTester, resetDevice } from '../bench/device';
import { deviceModel, findBox, type Half, type House } from '../house';
import { lampGlows } from '../instruments';
import type { JobPlan } from './plan';
import { checkId } from './work';

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
		case 'switchDark':
		case 'switchStays': {
			const off: House = {
				...house,
				boxes: house.boxes.map((box) =>
					box.device?.kind === 'switch' ? { ...box, device: { ...box.device, on: false } } : box
				)
			};
			return glows(off, boxId, check.half as Half) === (check.check === 'switchStays');
		}
		case 'reset':
			return null;
	}
}
