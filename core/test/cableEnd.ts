import { arrangements, here } from '../src/arrangements';
import { editHouse, withBox, type House } from '../src/house';

/** The box at the end of a cable with nothing fitted in it yet. The panel has a breaker more; `elsewhere`: the cable really comes from that. */
export function cableEnd(elsewhere: boolean): House {
	const built = arrangements.find(({ kind }) => kind === 'middleThrough')!.build();
	const panels = built.panels.map((panel, k) =>
		k > 0
			? panel
			: {
					...panel,
					breakers: [
						...panel.breakers,
						{ id: 'own', spaces: [6], ratingA: 15, on: true, label: 'second', findings: [] }
					]
				}
	);
	const blank = editHouse({ ...built, panels }, [{ do: 'setBox', box: 'after', device: { kind: 'blank' } }]);
	if (!blank.ok) throw new Error(blank.refusal.code);
	if (!elsewhere) return blank.house;
	const end = blank.house.cables.find(({ to }) => to.box === 'after')!;
	return {
		...withBox(blank.house, here, (box) => ({
			...box,
			terminations: box.terminations.filter(({ cable }) => cable !== end.id)
		})),
		circuits: [...blank.house.circuits, { id: 'own', name: 'own', breaker: 'own', arrangement: 'radial' }],
		cables: blank.house.cables.map((cable) =>
			cable === end ? { ...end, circuit: 'own', from: { panel: blank.house.panels[0]!.id } } : cable
		)
	};
}
