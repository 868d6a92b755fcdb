import { arrangements, here } from '../src/arrangements';
import { withBox, type House } from '../src/house';

/** Two outlets side by side in one box: the second is fed by wires from the first. The panel has a breaker more, that feeds nothing by this record. */
export function twoGang(): House {
	const house = arrangements.find(({ kind }) => kind === 'middleThrough')!.build({ residual: true });
	const jumper = house.cables.find(
		({ from, to }) => 'box' in from && from.box === here && to.box === 'after'
	)!;
	return {
		...withBox(house, 'after', (box) => ({ ...box, inBoxWith: here })),
		cables: house.cables.map((cable) => (cable.id === jumper.id ? { ...cable, lengthM: 0.2 } : cable)),
		panels: house.panels.map((panel, k) =>
			k > 0
				? panel
				: {
						...panel,
						breakers: [
							...panel.breakers,
							{ id: 'own', spaces: [4], ratingA: 15, on: true, label: 'second', findings: [] }
						]
					}
		)
	};
}

/** The same with the second on a circuit of its own: nothing but the box is shared. */
export function twoGangTwoCircuits(): House {
	const house = twoGang();
	const own = house.cables.find(({ to }) => to.box === 'after')!;
	return {
		...withBox(house, here, (box) => ({
			...box,
			terminations: box.terminations.filter(({ cable }) => cable !== own.id)
		})),
		circuits: [
			...house.circuits,
			{ id: 'second', name: 'Second', breaker: 'own', arrangement: 'radial' as const }
		],
		cables: house.cables.map((cable) =>
			cable.id === own.id
				? { ...cable, circuit: 'second', from: { panel: house.panels[0]!.id }, lengthM: 6 }
				: cable
		)
	};
}
