import { cablesInBox, leadsOnBeside, type Box, type ConductorEnd, type House, type Role } from '../house';
import type { WireRef } from './landings';
import type { JobPlan } from './jobPlan';
import type { Work } from './work';

/** Which cable is the supply is asked where the work depends on it. */
export const suppliesOf = ({
	candidates,
	ways
}: Work): Pick<JobPlan, 'supplyCables' | 'recordedSupply' | 'onRing'> => ({
	supplyCables: candidates,
	recordedSupply: candidates.length > 0 ? ways[0]!.supply : [],
	onRing: false
});

/** The cables that could feed the device, and those that do as recorded. One cable alone needs no telling. */
export function suppliesIn(
	house: House,
	box: Box,
	wires: readonly WireRef[]
): Pick<JobPlan, 'supplyCables' | 'recordedSupply' | 'onRing'> {
	const onDevice = (cable: string, role: Role) =>
		wires.some((wire) => wire.cable === cable && wire.role === role);
	const ends = cablesInBox(house, box.id).filter(
		({ cable }) =>
			onDevice(cable.id, 'hot') &&
			onDevice(cable.id, 'neutral') &&
			cable.conductors.some(({ role }) => role === 'ground') &&
			!leadsOnBeside(house, box.id, cable)
	);
	const circuits = new Set(ends.map(({ cable }) => cable.circuit));
	const onRing = house.circuits.find(({ id }) => circuits.has(id))?.arrangement === 'ring';
	// On a ring both cables are the supply: nothing to find.
	const nothingToFind = onRing && ringEnds(house, box.id, ends).length === ends.length;
	if (ends.length < 2 || circuits.size > 1 || nothingToFind)
		return { supplyCables: [], recordedSupply: [], onRing: nothingToFind };
	const tested = box.supply && ends.filter(({ cable }) => box.supply!.cables.includes(cable.id));
	const supplies = tested?.length
		? tested
		: onRing
			? ringEnds(house, box.id, ends)
			: ends.filter(({ end }) => end === 'to');
	return {
		supplyCables: ends.map(({ cable }) => cable.id),
		recordedSupply: supplies.map(({ cable }) => cable.id),
		onRing
	};
}

/** On a ring the cables that lead on round to the panel; a spur off it doesn't. */
function ringEnds(house: House, boxId: string, ends: readonly ConductorEnd[]): ConductorEnd[] {
	const reaches = (from: string, first: string): boolean => {
		const seen = new Set([boxId]);
		const queue = [first];
		for (const at of queue) {
			if (at === 'panel') return true;
			if (seen.has(at)) continue;
			seen.add(at);
			for (const { cable } of cablesInBox(house, at))
				if (cable.id !== from)
					queue.push(cable.to.box === at ? ('box' in cable.from ? cable.from.box : 'panel') : cable.to.box);
		}
		return false;
	};
	return ends.filter(({ cable, end }) => {
		const other = end === 'from' ? cable.to.box : 'box' in cable.from ? cable.from.box : 'panel';
		return reaches(cable.id, other);
	});
}
