import { allBreakers, deviceModel, findBox, mainSwitch, withBreakers } from '../house';
import { mistakesOf } from '../mistakes';
import { regions } from '../rules';
import type { Doing } from './at';
import { loadW } from './pluggable';
import { changed, refuse, unknown } from './refusal';

/** What is done at the panel, with what is plugged in, and to the wiring as a whole. */
export const aroundIt: Doing<'breaker' | 'residualDevice' | 'plug' | 'unplug' | 'mistake'> = {
	breaker: ({ house }, { id, on }) => {
		const known = [
			...allBreakers(house).map((breaker) => breaker.id),
			...house.panels.map((panel) => mainSwitch(panel.id))
		];
		return known.includes(id) ? changed(withBreakers(house, { [id]: on })) : unknown('breaker', id);
	},
	residualDevice: ({ house }, { id, on }) =>
		house.panels.some(({ residualDevices }) => residualDevices.some((device) => device.id === id))
			? changed({
					...house,
					panels: house.panels.map((panel) => ({
						...panel,
						residualDevices: panel.residualDevices.map((device) =>
							device.id === id ? { ...device, on } : device
						)
					}))
				})
			: unknown('breaker', id),
	plug: ({ house }, { box: boxId, half, what, id }) => {
		const device = findBox(house, boxId)?.device;
		if (!device || !deviceModel(device).halves.includes(half)) return unknown('half', `${boxId} ${half}`);
		if (house.loads.some((load) => load.id === id)) return refuse({ code: 'idTaken', id });
		if (house.loads.some((load) => load.box === boxId && load.half === half))
			return refuse({ code: 'halfTaken' });
		const resistanceOhm = regions[house.region].supply.nominalV ** 2 / loadW[what][house.region];
		return changed({
			...house,
			loads: [...house.loads, { id, name: what, box: boxId, half, resistanceOhm, on: true }]
		});
	},
	unplug: ({ house }, { id }) =>
		house.loads.some((load) => load.id === id)
			? changed({ ...house, loads: house.loads.filter((load) => load.id !== id) })
			: unknown('load', id),
	mistake: ({ house, box }, { id }) => {
		const made = mistakesOf(house, box.id)
			.find((mistake) => mistake.id === id)
			?.apply(house);
		return made ? changed(made) : refuse({ code: 'mistakeNotHere' });
	}
};
