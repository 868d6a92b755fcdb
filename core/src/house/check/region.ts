import { editionsIn, regions, sizesOf } from '../../rules';
import { soldIn } from '../devices';
import type { House } from '../schema';
import type { HouseProblem, Path } from './problem';

/** What the other region has and this one hasn't. */
export function ofTheRegion(house: House): HouseProblem[] {
	const { region, service } = house;
	const problems: HouseProblem[] = [];
	const other = (what: Extract<HouseProblem, { code: 'otherRegion' }>['what'], found: string, path: Path) =>
		problems.push({ code: 'otherRegion', what, found, path });
	const { supply, custom } = regions[region];
	const { from, to } = supply.possibleV;
	if (service.voltageV < from || service.voltageV > to)
		other('voltage', `${service.voltageV} V`, ['service', 'voltageV']);
	if (service.earthing && supply.bondedAt !== null)
		other('earthing', service.earthing.system, ['service', 'earthing']);
	if (house.edition !== undefined && !editionsIn[region].includes(house.edition))
		other('edition', house.edition, ['edition']);
	const sizes: readonly string[] = sizesOf(region);
	house.panels.forEach((panel, k) => {
		const { fedFrom } = panel;
		if (fedFrom && !sizes.includes(fedFrom.size))
			other('size', fedFrom.size, ['panels', k, 'fedFrom', 'size']);
		panel.breakers.forEach(({ tandem }, b) => {
			if (tandem && !custom.tandems) other('tandem', tandem, ['panels', k, 'breakers', b, 'tandem']);
		});
		panel.residualDevices.forEach(({ id }, r) => {
			if (!custom.panelResidualDevices) other('residualDevice', id, ['panels', k, 'residualDevices', r]);
		});
	});
	house.boxes.forEach(({ device }, k) => {
		if (device && !soldIn(device.kind).includes(region))
			other('device', device.kind, ['boxes', k, 'device', 'kind']);
	});
	house.cables.forEach((cable, k) => {
		if (!sizes.includes(cable.size)) other('size', cable.size, ['cables', k, 'size']);
		cable.conductors.forEach(({ size }, c) => {
			if (size && !sizes.includes(size)) other('size', size, ['cables', k, 'conductors', c, 'size']);
		});
	});
	return problems;
}
