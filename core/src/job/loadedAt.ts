import { deviceModel, findBox, points, type Half, type House } from '../house';
import { readVoltageV } from '../instruments';
import { loadOhm, type LoadedReading } from './loaded';

/** What a house shows with a load in one half of an outlet. */
export function loadedAt(house: House, boxId: string, half: Half, watts: number): LoadedReading {
	const load = {
		id: 'loaded-test',
		name: 'load',
		box: boxId,
		half,
		resistanceOhm: loadOhm(house.region, watts),
		on: true
	};
	const loaded: House = { ...house, loads: [...house.loads, load] };
	const hot = points.contact(boxId, half, 'hot');
	const neutral = points.contact(boxId, half, 'neutral');
	const device = findBox(house, boxId)?.device;
	const grounded = device && deviceModel(device).terminals.some(({ role }) => role === 'ground');
	const read = (of: House, red: string, black: string) => readVoltageV(of, { red, black }, 'highImpedance');
	return {
		watts,
		offV: read(house, hot, neutral),
		onV: read(loaded, hot, neutral),
		neutralGroundV: grounded ? read(loaded, neutral, points.contact(boxId, half, 'ground')) : null
	};
}
