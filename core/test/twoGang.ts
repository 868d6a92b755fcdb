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

/** The second is a wall switch, fed by wires from the outlet beside it; it works a light. */
export function outletBesideSwitch(): House {
	const house = twoGang();
	const jumper = house.cables.find(({ to }) => to.box === 'after')!;
	const end = (cable: string, conductor: string, at: string) => ({
		cable,
		conductor,
		at,
		how: 'hook' as const
	});
	const joined = (conductor: string, at: string) => ({
		...end('to-light', conductor, at),
		how: 'twistOn' as const
	});
	const fed = (conductor: string, at: string) => ({
		...end(jumper.id, conductor, at),
		how: 'twistOn' as const
	});
	return {
		...house,
		boxes: [
			...house.boxes.map((box): House['boxes'][number] =>
				box.id !== 'after'
					? box
					: {
							...box,
							use: 'fixed',
							device: { kind: 'switch', ratingA: 15, on: true },
							joints: [
								{ id: 'neutrals', how: 'twistOn' },
								{ id: 'grounds', how: 'twistOn' }
							],
							terminations: [
								end(jumper.id, 'hot', 'terminal:hot'),
								fed('neutral', 'joint:neutrals'),
								fed('ground', 'joint:grounds'),
								end('to-light', 'hot', 'terminal:switchedHot'),
								joined('neutral', 'joint:neutrals'),
								joined('ground', 'joint:grounds')
							],
							pigtails: [
								{
									id: 'device',
									role: 'ground',
									colour: 'bare',
									from: 'joint:grounds',
									to: 'terminal:ground',
									how: 'hook'
								}
							]
						}
			),
			{
				id: 'light',
				name: 'light',
				room: house.boxes[0]!.room,
				use: 'fixed',
				material: 'plastic',
				device: { kind: 'fixed', name: 'light', resistanceOhm: 240, on: true },
				joints: [],
				pigtails: [],
				worries: [],
				history: [],
				terminations: ['hot', 'neutral', 'ground'].map((name) => end('to-light', name, `terminal:${name}`))
			}
		],
		cables: [
			...house.cables,
			{
				...jumper,
				id: 'to-light',
				from: { box: 'after' },
				to: { box: 'light' },
				lengthM: 4,
				conductors: jumper.conductors.map((each) =>
					each.role === 'hot' ? { ...each, role: 'switchedHot' as const } : each
				)
			}
		]
	};
}

/** The same with the switch and its light really fed from a circuit of their own. */
export function switchElsewhere(): House {
	const house = outletBesideSwitch();
	const jumper = house.cables.find(({ to }) => to.box === 'after')!;
	return {
		...withBox(house, here, (box) => ({
			...box,
			terminations: box.terminations.filter(({ cable }) => cable !== jumper.id)
		})),
		circuits: [
			...house.circuits,
			{ id: 'second', name: 'Second', breaker: 'own', arrangement: 'radial' as const }
		],
		cables: house.cables.map((cable) =>
			cable.id === jumper.id
				? { ...cable, circuit: 'second', from: { panel: house.panels[0]!.id }, lengthM: 6 }
				: cable.id === 'to-light'
					? { ...cable, circuit: 'second' }
					: cable
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
