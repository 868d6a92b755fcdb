import { deviceModel, tabsOf as bridgeTabs, type Device, type Half } from '@wary/core/house';

/** Where things are on a device seen from the front, in drawing units. From the back, x is mirrored. */
export interface Slot {
	readonly half: Half;
	readonly role: 'hot' | 'neutral' | 'ground';
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
}

export interface TerminalPlace {
	readonly name: string;
	readonly x: number;
	readonly y: number;
	/** Which way its wires leave, seen from the front. */
	readonly side: 'left' | 'right' | 'bottom';
	readonly mark: string;
	/** What is printed beside the pair it belongs to. */
	readonly printed?: 'LINE' | 'LOAD';
}

export interface DeviceShape {
	readonly width: number;
	readonly height: number;
	readonly faces: readonly {
		readonly half: Half;
		readonly x: number;
		readonly y: number;
		readonly width: number;
		readonly height: number;
		readonly radius: number;
	}[];
	readonly slots: readonly Slot[];
	readonly terminals: readonly TerminalPlace[];
	/** Screws that hold a uk front to its box; the one in the middle of a us duplex holds its plate. */
	readonly screws: readonly { readonly x: number; readonly y: number }[];
	/** The moulding behind the face, between its terminals. */
	readonly body: Area;
	/** us: the metal strap with an ear above and below, each with its mounting screw. A uk front is its own plate and has none. */
	readonly yoke: { readonly x: number; readonly width: number; readonly reach: number } | null;
}

export interface Area {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
}

/** What else is on a face: a button with what is printed on it, a lamp, a charger’s port, a rocker of a half, a fuse carrier. */
export interface Fitting extends Area {
	readonly kind: 'button' | 'lamp' | 'port' | 'rocker' | 'fuse';
	readonly printed?: string;
	/** A rocker that is off, or a button that stands out. */
	readonly off?: boolean;
}

/** What the tips of the tester are on, which terminal a step is about, or that a plug goes in. */
export interface Pointing {
	readonly half?: Half;
	readonly red?: 'hot' | 'neutral' | 'ground';
	readonly black?: 'hot' | 'neutral' | 'ground' | 'plateScrew';
	readonly terminal?: string;
	readonly lamps?: boolean;
}

const usSlots = (half: Half, top: number): Slot[] => [
	{ half, role: 'neutral', x: 64, y: top + 28, width: 7, height: 40 },
	{ half, role: 'hot', x: 113, y: top + 32, width: 7, height: 32 },
	{ half, role: 'ground', x: 80, y: top + 88, width: 24, height: 24 }
];

/** Each uk socket: earth above, neutral to the left and line to the right of it, seen from the front. */
const ukSlots = (half: Half, left: number): Slot[] => [
	{ half, role: 'ground', x: left + 56, y: 52, width: 12, height: 26 },
	{ half, role: 'neutral', x: left + 24, y: 104, width: 24, height: 12 },
	{ half, role: 'hot', x: left + 76, y: 104, width: 24, height: 12 }
];

const duplex: DeviceShape = {
	width: 184,
	height: 380,
	faces: [
		{ half: 'upper', x: 25, y: 30, width: 134, height: 140, radius: 46 },
		{ half: 'lower', x: 25, y: 210, width: 134, height: 140, radius: 46 }
	],
	slots: [...usSlots('upper', 30), ...usSlots('lower', 210)],
	terminals: [
		{ name: 'neutralUpper', x: 12, y: 110, side: 'left', mark: 'silver' },
		{ name: 'neutralLower', x: 12, y: 270, side: 'left', mark: 'silver' },
		{ name: 'hotUpper', x: 172, y: 110, side: 'right', mark: 'brass' },
		{ name: 'hotLower', x: 172, y: 270, side: 'right', mark: 'brass' },
		{ name: 'ground', x: 40, y: 364, side: 'bottom', mark: 'green' }
	],
	screws: [{ x: 92, y: 190 }],
	body: { x: 12, y: 22, width: 160, height: 336 },
	yoke: { x: 50, width: 84, reach: 46 }
};

const single: DeviceShape = {
	...duplex,
	height: 220,
	faces: [{ half: 'only', x: 25, y: 40, width: 134, height: 140, radius: 46 }],
	slots: usSlots('only', 40),
	terminals: [
		{ name: 'neutral', x: 12, y: 110, side: 'left', mark: 'silver' },
		{ name: 'hot', x: 172, y: 110, side: 'right', mark: 'brass' },
		{ name: 'ground', x: 40, y: 204, side: 'bottom', mark: 'green' }
	],
	screws: [],
	body: { x: 12, y: 20, width: 160, height: 180 }
};

const twoSlot: DeviceShape = {
	...duplex,
	slots: duplex.slots.filter(({ role }) => role !== 'ground').map((slot) => ({ ...slot, y: slot.y + 16 })),
	terminals: duplex.terminals.filter(({ name }) => name !== 'ground')
};

const ukTerminals = (width: number): TerminalPlace[] => [
	{ name: 'neutral', x: width * 0.18, y: 98, side: 'left', mark: 'N' },
	{ name: 'groundA', x: width * 0.58, y: 98, side: 'right', mark: 'E' },
	{ name: 'groundB', x: width * 0.42, y: 98, side: 'left', mark: 'E' },
	{ name: 'hot', x: width * 0.82, y: 98, side: 'right', mark: 'L' }
];

const socketTwin: DeviceShape = {
	width: 330,
	height: 196,
	faces: [
		{ half: 'left', x: 28, y: 40, width: 124, height: 96, radius: 8 },
		{ half: 'right', x: 178, y: 40, width: 124, height: 96, radius: 8 }
	],
	slots: [...ukSlots('left', 28), ...ukSlots('right', 178)],
	terminals: ukTerminals(330),
	screws: [
		{ x: 13, y: 98 },
		{ x: 317, y: 98 }
	],
	body: { x: 34, y: 22, width: 262, height: 152 },
	yoke: null
};

const socketSingle: DeviceShape = {
	...socketTwin,
	width: 196,
	faces: [{ half: 'only', x: 36, y: 40, width: 124, height: 96, radius: 8 }],
	slots: ukSlots('only', 36),
	terminals: ukTerminals(196),
	screws: [
		{ x: 13, y: 98 },
		{ x: 183, y: 98 }
	],
	body: { x: 22, y: 22, width: 152, height: 152 }
};

/** A rectangular face with two halves in it, and what is between them: a charger's ports, or two buttons. */
const decorator: DeviceShape = {
	...duplex,
	faces: [
		{ half: 'upper', x: 30, y: 24, width: 124, height: 132, radius: 6 },
		{ half: 'lower', x: 30, y: 224, width: 124, height: 132, radius: 6 }
	],
	slots: [...usSlots('upper', 26), ...usSlots('lower', 226)],
	screws: []
};

const usb: DeviceShape = {
	...decorator,
	terminals: [
		{ name: 'neutral', x: 12, y: 190, side: 'left', mark: 'silver' },
		{ name: 'hot', x: 172, y: 190, side: 'right', mark: 'brass' },
		{ name: 'ground', x: 40, y: 364, side: 'bottom', mark: 'green' }
	]
};

const gfci: DeviceShape = {
	...decorator,
	terminals: [
		{ name: 'supplyNeutral', x: 12, y: 90, side: 'left', mark: 'silver', printed: 'LINE' },
		{ name: 'loadNeutral', x: 12, y: 290, side: 'left', mark: 'silver', printed: 'LOAD' },
		{ name: 'supplyHot', x: 172, y: 90, side: 'right', mark: 'brass', printed: 'LINE' },
		{ name: 'loadHot', x: 172, y: 290, side: 'right', mark: 'brass', printed: 'LOAD' },
		{ name: 'ground', x: 40, y: 364, side: 'bottom', mark: 'green' }
	]
};

/** Some makes print LINE at the bottom. */
const upsideDown: DeviceShape = {
	...gfci,
	terminals: gfci.terminals.map((terminal) => ({
		...terminal,
		y: gfci.terminals.find(
			({ mark, printed }) =>
				mark === terminal.mark &&
				(printed === undefined ? terminal.printed === undefined : printed !== terminal.printed)
		)!.y
	}))
};

const wallSwitch: DeviceShape = {
	...duplex,
	faces: [],
	slots: [],
	terminals: [
		{ name: 'hot', x: 172, y: 110, side: 'right', mark: 'brass' },
		{ name: 'switchedHot', x: 172, y: 270, side: 'right', mark: 'brass' },
		{ name: 'ground', x: 40, y: 364, side: 'bottom', mark: 'green' }
	],
	screws: []
};

const fusedSpur: DeviceShape = {
	...socketTwin,
	width: 230,
	faces: [],
	slots: [],
	terminals: [
		{ name: 'supplyNeutral', x: 40, y: 60, side: 'left', mark: 'N supply' },
		{ name: 'supplyHot', x: 110, y: 60, side: 'left', mark: 'L supply' },
		{ name: 'loadNeutral', x: 40, y: 138, side: 'left', mark: 'N load' },
		{ name: 'loadHot', x: 110, y: 138, side: 'left', mark: 'L load' },
		{ name: 'groundA', x: 190, y: 60, side: 'right', mark: 'E' },
		{ name: 'groundB', x: 190, y: 138, side: 'right', mark: 'E' }
	],
	screws: [
		{ x: 13, y: 98 },
		{ x: 217, y: 98 }
	],
	body: { x: 18, y: 22, width: 194, height: 152 }
};

/** Nothing fitted yet: the caps on the ends, behind a plain cover. */
const blank: DeviceShape = {
	...duplex,
	faces: [],
	slots: [],
	terminals: [
		{ name: 'capNeutral', x: 44, y: 150, side: 'left', mark: '' },
		{ name: 'capHot', x: 140, y: 150, side: 'right', mark: '' },
		{ name: 'capGround', x: 92, y: 250, side: 'bottom', mark: '' }
	],
	screws: [
		{ x: 92, y: 60 },
		{ x: 92, y: 320 }
	],
	body: { x: 92, y: 190, width: 0, height: 0 },
	yoke: null
};

const shapes = {
	blank,
	duplex,
	twoSlot,
	single,
	usb,
	gfci,
	switch: wallSwitch,
	socketTwin,
	socketSingle,
	socketRcd: socketTwin,
	fusedSpur
};

/** What is printed on the back of a device, once for each pair of terminals, in the middle between them. */
export function printsOf({ terminals, width }: DeviceShape): { text: string; x: number; y: number }[] {
	const rows = new Map(terminals.flatMap(({ printed, y }) => (printed ? [[printed, y] as const] : [])));
	return [...rows].map(([text, y]) => ({ text, x: width / 2, y: y + 30 }));
}

/** The drawing of a device; null for something fixed, which has none. */
export function shapeOf(device: Device): DeviceShape | null {
	if (!(device.kind in shapes)) return null;
	if ('lineAt' in device && device.lineAt === 'bottom') return upsideDown;
	// A face of the other style in front of the same screws.
	return bridgeTabs(device) && 'style' in device && device.style === 'decorator'
		? { ...decorator, terminals: duplex.terminals }
		: shapes[device.kind as keyof typeof shapes];
}

/** Rockers of a switched uk front, one a half, and what its kind adds in the middle. */
function ukFittings(
	device: Extract<Device, { kind: 'socketSingle' | 'socketTwin' | 'socketRcd' }>,
	{ faces, width }: DeviceShape
): Fitting[] {
	const rockers = device.switched
		? faces.map((face): Fitting => ({
				kind: 'rocker',
				x: face.x + face.width / 2 - 10,
				y: face.y + face.height + 10,
				width: 20,
				height: 32,
				off: device.off?.includes(face.half as 'left' | 'right' | 'only') ?? false
			}))
		: [];
	const middle = width / 2;
	if ('tripped' in device)
		return [
			...rockers,
			{ kind: 'button', printed: 'TEST', x: middle - 20, y: 8, width: 40, height: 18 },
			{ kind: 'button', printed: 'RESET', x: middle - 20, y: 146, width: 40, height: 18, off: device.tripped }
		];
	return 'usb' in device && device.usb
		? [
				...rockers,
				...[0, 1].map((k): Fitting => ({
					kind: 'port',
					x: middle - 24 + k * 26,
					y: 150,
					width: 22,
					height: 9
				}))
			]
		: rockers;
}

/** What is on a device’s face besides its slots. */
export function fittingsOf(device: Device, shape: DeviceShape): Fitting[] {
	switch (device.kind) {
		case 'gfci':
			return [
				{ kind: 'button', printed: 'TEST', x: 54, y: 164, width: 60, height: 22 },
				{ kind: 'button', printed: 'RESET', x: 54, y: 194, width: 60, height: 22, off: device.tripped },
				{ kind: 'lamp', x: 126, y: 184, width: 12, height: 12 }
			];
		case 'usb':
			return [0, 1].map((k) => ({ kind: 'port', x: 58 + k * 40, y: 183, width: 28, height: 13 }));
		case 'switch':
			return [{ kind: 'rocker', x: 72, y: 150, width: 40, height: 80, off: !device.on }];
		case 'fusedSpur':
			return [
				{ kind: 'rocker', x: 56, y: 80, width: 22, height: 36, off: !device.on },
				{ kind: 'fuse', x: 130, y: 84, width: 60, height: 28 }
			];
		case 'socketSingle':
		case 'socketTwin':
		case 'socketRcd':
			return ukFittings(device, shape);
		default:
			return [];
	}
}

/** The bridges between upper and lower half: where, and whether whole. A device whose halves aren’t bridged by tabs has none. */
export function tabsOf(
	device: Device,
	{ terminals }: DeviceShape
): { x: number; from: number; to: number; whole: boolean }[] {
	const links = new Set(deviceModel(device).links.map(({ id }) => id));
	return (['hot', 'neutral'] as const).flatMap((role) => {
		const upper = terminals.find(({ name }) => name === `${role}Upper`);
		const lower = terminals.find(({ name }) => name === `${role}Lower`);
		return upper && lower
			? [{ x: upper.x, from: upper.y, to: lower.y, whole: links.has(`${role} tab`) }]
			: [];
	});
}
