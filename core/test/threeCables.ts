import { arrangementsOf, here } from '../src/arrangements';
import { houseOf, newBench, perform, type BenchEvent } from '../src/bench';
import { withBox, type House } from '../src/house';

/** A radial's socket with three cables in its pillars: one comes, two go on. */
export function threeCables(): House {
	const conductors = ['hot', 'neutral', 'ground'] as const;
	const events: BenchEvent[] = [
		{
			kind: 'addCable',
			id: 'c4',
			circuit: 'a',
			way: 'toOutlet',
			secondHot: false,
			grounded: true,
			sheath: 'twinAndEarth',
			material: 'copper',
			size: '2.5mm2',
			palette: 'ukNew',
			lengthM: 6
		},
		...conductors.map((conductor): BenchEvent => ({
			kind: 'land',
			cable: 'c4',
			conductor,
			at: `terminal:${conductor === 'ground' ? 'groundB' : conductor}`
		}))
	];
	const bench = events.reduce(
		(now, event) => {
			const next = perform(now, event);
			if (!next.ok) throw new Error(next.refusal.code);
			return next.bench;
		},
		newBench(
			'three',
			arrangementsOf('uk')
				.find(({ kind }) => kind === 'radialMiddle')!
				.build(),
			here
		)
	);
	return houseOf(bench);
}

/** The house with two cables' places exchanged everywhere but in this box: what was recorded as the supply goes on, and the other way round. */
export function exchangedBehind(house: House, one: string, other: string): House {
	const swap = (id: string) => (id === one ? other : id === other ? one : id);
	const ends = new Map(house.cables.map(({ id, from, to }) => [id, { from, to }]));
	const moved = {
		...house,
		cables: house.cables.map((cable) => ({ ...cable, ...ends.get(swap(cable.id))! }))
	};
	return house.boxes
		.filter(({ id }) => id !== here)
		.reduce(
			(now, { id }) =>
				withBox(now, id, (box) => ({
					...box,
					terminations: box.terminations.map((end) => ({ ...end, cable: swap(end.cable) }))
				})),
			moved
		);
}
