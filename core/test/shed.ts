import { fennelLaneRecorded } from '../src/demo';
import { editHouse, type Edit, type House } from '../src/house';

/** A house after some edits; one that is refused is an error of the test. */
export function edited(house: House, ...edits: Edit[]): House {
	const made = editHouse(house, edits);
	if (!made.ok) throw new Error(JSON.stringify(made));
	return made.house;
}

/** Fennel Lane with a panel in a shed behind breaker 17, and one outlet on that panel's only breaker. */
export const withShed = (): House =>
	edited(
		fennelLaneRecorded(),
		{ do: 'addSubPanel', name: 'Shed panel', place: 'Shed', spaces: 6, breaker: 'b17', lengthM: 20 },
		{ do: 'addBreaker', panel: 'shed-panel', spaces: [2], ratingA: 15, label: 'bench' },
		{ do: 'addRoom', name: 'Shed' },
		{ do: 'addCircuit', breaker: 'shed-panel-2', name: 'Shed bench' },
		{ do: 'addOutlet', room: 'shed', name: 'bench', spot: { circuit: 'shed-bench', after: 'panel' } }
	);
