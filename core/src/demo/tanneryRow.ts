import { withBox, type House } from '../house';
import { breaker, fixed, twin, wireRun, type Run, type Stop } from './build';

const socket = (room: string, name: string, lengthM: number, more: Partial<Stop> = {}): Stop => ({
	id: `${room}-${name.replaceAll(' ', '-')}`,
	room,
	name,
	lengthM,
	device: twin(),
	...more
});
const fitting = (room: string, name: string, lengthM: number, resistanceOhm: number, on = false): Stop => ({
	id: `${room}-${name.replaceAll(' ', '-')}`,
	room,
	name,
	lengthM,
	use: 'fixed',
	device: fixed(name, resistanceOhm, on)
});

const panel = 'unit';
const runs = (): Run[] => [
	{
		circuit: 'cooker',
		name: 'Cooker',
		breaker: 'b1',
		size: '6.0mm2',
		panel,
		stops: [fitting('kitchen', 'cooker point', 7, 24)]
	},
	{
		circuit: 'down-ring',
		name: 'Downstairs ring',
		breaker: 'b2',
		size: '2.5mm2',
		panel,
		ringReturnM: 9,
		stops: [
			socket('hall', 'meter cupboard', 3),
			socket('front-room', 'bay', 6),
			socket('front-room', 'chimney left', 4),
			socket('front-room', 'chimney right', 4),
			socket('kitchen', 'worktop', 6, {
				device: twin({ plate: 'metal' }),
				noTail: true,
				worries: [
					{
						id: 'w4',
						kind: 'other',
						note: 'A metal plate, and no earth tail from it to the box that anybody has seen.',
						seen: '2026-11-09'
					}
				]
			}),
			socket('kitchen', 'fridge', 4),
			socket('kitchen', 'washer', 3)
		]
	},
	{
		circuit: 'down-lights',
		name: 'Downstairs lights',
		breaker: 'b3',
		size: '1.5mm2',
		panel,
		stops: [
			fitting('hall', 'hall light', 5, 880, true),
			fitting('front-room', 'front light', 5, 880),
			fitting('kitchen', 'kitchen light', 6, 600, true)
		]
	},
	{
		circuit: 'alarm',
		name: 'Smoke alarms',
		breaker: 'b4',
		size: '1.5mm2',
		panel,
		stops: [fitting('landing', 'smoke alarm', 9, 26000, true)]
	},
	{
		circuit: 'up-ring',
		name: 'Upstairs ring',
		breaker: 'b5',
		size: '2.5mm2',
		panel,
		ringReturnM: 11,
		returnPalette: 'ukNew',
		stops: [
			socket('landing', 'airing cupboard', 8, { palette: 'ukOld' }),
			socket('front-bedroom', 'bed', 5, {
				palette: 'ukOld',
				depthMm: 16,
				worries: [
					{
						id: 'w2',
						kind: 'other',
						note: 'A twin with USB is wanted by the bed; the back box is a shallow one, 16 mm.',
						seen: '2026-11-12'
					}
				]
			}),
			socket('front-bedroom', 'window', 4, { palette: 'ukOld' }),
			socket('back-bedroom', 'door', 6, {
				palette: 'ukOld',
				worries: [
					{
						id: 'w3',
						kind: 'other',
						note: 'The plug-in tester shows line and neutral the wrong way round here, and nowhere else.',
						seen: '2026-11-16'
					}
				]
			}),
			socket('box-room', 'desk', 4, {
				palette: 'ukOld',
				device: twin({ contacts: 'worn', fitted: '1998-03-01' }),
				worries: [
					{
						id: 'w1',
						kind: 'wornContacts',
						note: 'Plugs rock in the left side; the desk lamp flickers when the lead is touched.',
						seen: '2026-11-18'
					}
				],
				history: [{ on: '1998-03-01', what: 'Fitted with the loft work, going by the mark inside the face.' }]
			}),
			socket('box-room', 'door', 3)
		]
	},
	{
		circuit: 'up-lights',
		name: 'Upstairs lights',
		breaker: 'b6',
		size: '1.5mm2',
		panel,
		stops: [
			fitting('landing', 'landing light', 8, 880),
			fitting('box-room', 'box room light', 6, 880),
			fitting('front-bedroom', 'bedroom light', 6, 880)
		]
	},
	{
		circuit: 'boiler',
		name: 'Boiler',
		breaker: 'b7',
		size: '2.5mm2',
		panel,
		stops: [fitting('kitchen', 'boiler', 8, 400, true)]
	},
	{
		circuit: 'shower',
		name: 'Shower',
		breaker: 'b8',
		size: '10.0mm2',
		panel,
		stops: [fitting('bathroom', 'shower', 12, 6.4)]
	}
];

/** The made-up terraced house, as recorded: old and new colours meet at the box room desk. */
export function tanneryRow(): House {
	const wired = runs().map((run) => wireRun(run, 'uk'));
	return {
		format: 'wary-hand/house',
		version: 1,
		name: '3 Tannery Row',
		region: 'uk',
		built: 1904,
		note: 'A made-up terraced house. Upstairs ring extended into the box room in 2009, in the new colours.',
		service: { voltageV: 241.5, impedanceOhm: 0.12 },
		rooms: [
			['box-room', 'Box room'],
			['front-bedroom', 'Front bedroom'],
			['back-bedroom', 'Back bedroom'],
			['landing', 'Landing'],
			['bathroom', 'Bathroom'],
			['front-room', 'Front room'],
			['kitchen', 'Kitchen'],
			['hall', 'Hall']
		].map(([id, name]) => ({ id: id!, name: name! })),
		panels: [
			{
				id: panel,
				name: 'Consumer unit',
				place: 'Hall, meter cupboard',
				spaces: 8,
				mainRatingA: 100,
				mainOn: true,
				breakers: [
					breaker(1, 32, 'cooker'),
					breaker(2, 32, 'sockets down'),
					breaker(3, 6, 'lights down'),
					breaker(4, 6, 'smoke alarms'),
					breaker(5, 32, 'sockets up'),
					breaker(6, 6, 'lights up'),
					breaker(7, 16, 'boiler'),
					breaker(8, 32, 'shower')
				],
				residualDevices: [
					{ id: 'rcd1', tripMa: 30, ratingA: 63, on: true, covers: ['b1', 'b2', 'b3', 'b4'] },
					{ id: 'rcd2', tripMa: 30, ratingA: 63, on: true, covers: ['b5', 'b6', 'b7', 'b8'] }
				]
			}
		],
		circuits: wired.map(({ circuit }) => circuit),
		boxes: wired.flatMap(({ boxes }) => boxes),
		cables: wired.flatMap(({ cables }) => cables),
		loads: [
			{
				id: 'router',
				name: 'router',
				box: 'landing-airing-cupboard',
				half: 'left',
				resistanceOhm: 5200,
				on: true,
				matters: 'router'
			},
			{
				id: 'fridge',
				name: 'fridge',
				box: 'kitchen-fridge',
				half: 'left',
				resistanceOhm: 420,
				on: true,
				matters: 'freezer'
			},
			{
				id: 'lamp',
				name: 'desk lamp',
				box: 'box-room-desk',
				half: 'left',
				resistanceOhm: 5290,
				on: false,
				matters: 'light'
			}
		]
	};
}

/** As it is really wired: at one socket of the upstairs ring line and neutral are exchanged, both legs alike. */
export const tanneryRowActual = (): House => {
	const other: Record<string, string> = {
		'terminal:hot': 'terminal:neutral',
		'terminal:neutral': 'terminal:hot'
	};
	return withBox(tanneryRow(), 'back-bedroom-door', (box) => ({
		...box,
		terminations: box.terminations.map((end) => ({ ...end, at: other[end.at] ?? end.at }))
	}));
};
