import { goodJointOhm, largestConductor, type ConductorSize, type Region } from '../rules';
import type { Device, Half, Role } from './schema';

/** The ways in which a terminal can hold a conductor. */
export type TerminalWay = 'hook' | 'clampPlate' | 'pushIn' | 'pillar' | 'screw' | 'lever' | 'twistOn';

/** How many conductors a terminal takes, by the way they are held; 0 where it has no such way. */
export interface Terminal {
	readonly name: string;
	readonly role: Role;
	/** Where supply in and feed out are told apart. */
	readonly side?: 'supply' | 'load';
	/** For each way of holding: the number of conductors it takes. */
	readonly takes: Readonly<Partial<Record<TerminalWay, number>>>;
	/** The largest conductor, where it is another than the way of holding usually takes. */
	readonly largest?: ConductorSize;
}

/** A conducting part inside the device, between two of its points; `capacitanceF` in place of a resistance where it is a capacitor. */
export interface InternalLink {
	readonly id: string;
	readonly from: string;
	readonly to: string;
	readonly resistanceOhm: number;
	readonly capacitanceF?: number;
}

/** Where a device's own protection looks, by the ids of its links; and what it opens at. */
export type Protection =
	| {
			readonly kind: 'residual';
			/** Hot and neutral through the transformer. */
			readonly hot: string;
			readonly neutral: string;
			readonly tripMa: number;
			/** It also finds a neutral joined to ground downstream. */
			readonly findsGroundedNeutral: boolean;
	  }
	| { readonly kind: 'fuse'; readonly link: string; readonly ratingA: number };

export interface DeviceModel {
	readonly terminals: readonly Terminal[];
	readonly halves: readonly Half[];
	readonly links: readonly InternalLink[];
	readonly protection?: Protection;
	/** Its electronics live on what stands between these points. */
	readonly supply?: readonly [hot: string, neutral: string];
}

type ContactRole = 'hot' | 'neutral' | 'ground';
const contactRoles = ['hot', 'neutral', 'ground'] as const;
const screw = { hook: 1, clampPlate: 2, pushIn: 1 };
/** Devices of a better grade have no push-in springs. */
const clamp = { hook: 1, clampPlate: 2 };
const groundScrew = { hook: 1, clampPlate: 1 };
const pillar = { pillar: 3 };
/** Contact of a plug that is no longer gripped, Ω. */
const wornContactOhm = 0.05;
/** Filter of a charger across hot and neutral, F: some milliamperes alternating, nothing to an ohmmeter. */
const chargerFilterF = 47e-9;
/** Supply of a residual device's electronics, F: a capacitive dropper, some milliamperes alternating, nothing to an ohmmeter. With its neutral open it pulls that up to hot. */
export const electronicsF = 47e-9;
/** The button sends this through one side of the transformer only, Ω. */
export const residualButtonOhm = 15e3;

/** A face of metal, where there is one. */
export const platePoint = 'plate';
/** Points of a half that a plug or a probe touches. */
export const contactPoint = (half: Half, role: ContactRole): string => `${half}.${role}`;

const link = (id: string, from: string, to: string, resistanceOhm = goodJointOhm): InternalLink => ({
	id,
	from,
	to,
	resistanceOhm
});
const across = (id: string, hot: string, neutral: string, capacitanceF: number): InternalLink => ({
	id,
	from: hot,
	to: neutral,
	resistanceOhm: 0,
	capacitanceF
});
const charger = (hot: string, neutral: string): InternalLink =>
	across('charger', hot, neutral, chargerFilterF);

/** Where nothing is fitted yet: the cap on each end of the one cable. */
const caps = { hot: 'capHot', neutral: 'capNeutral', ground: 'capGround' } as const;

/** Terminals, halves and conducting parts of a device: what it is to the network. */
export function deviceModel(device: Device): DeviceModel {
	const model = models.get(device) ?? modelOf(device);
	models.set(device, model);
	return model;
}
/** A device is a value: it is asked for at every look at its box. */
const models = new WeakMap<Device, DeviceModel>();

function modelOf(device: Device): DeviceModel {
	switch (device.kind) {
		case 'fixed':
			return {
				terminals: contactRoles.map((role) => ({
					name: role,
					role,
					takes: { hook: 1, screw: 2, pillar: 2 },
					// Cookers, showers and the like come with terminals for their own cable.
					largest: '6AWG' as const
				})),
				halves: [],
				links: device.on ? [link('load', 'hot', 'neutral', device.resistanceOhm)] : []
			};
		case 'switch':
			return {
				terminals: [
					{ name: 'hot', role: 'hot', takes: { ...screw, pillar: 2 } },
					{ name: 'switchedHot', role: 'switchedHot', takes: { ...screw, pillar: 2 } },
					{ name: 'ground', role: 'ground', takes: { ...groundScrew, pillar: 2 } }
				],
				halves: [],
				links: device.on ? [link('switch', 'hot', 'switchedHot')] : []
			};
		case 'blank':
			return {
				terminals: contactRoles.map((role) => ({ name: caps[role], role, takes: { lever: 1, twistOn: 1 } })),
				halves: [],
				links: []
			};
		case 'fusedSpur':
			return fusedSpur(device);
		case 'gfci':
			return gfci(device);
		case 'duplex':
		case 'twoSlot':
			return duplex(device);
		case 'usb':
		case 'single':
			return grouped(device);
		case 'socketSingle':
		case 'socketTwin':
		case 'socketRcd':
			return socket(device);
	}
}

const contactsOf = (
	device: { contacts: 'good' | 'worn' },
	half: Half,
	at: Partial<Record<ContactRole, string>>
): InternalLink[] =>
	contactRoles.flatMap((role) =>
		at[role] === undefined
			? []
			: [
					link(
						`contact ${contactPoint(half, role)}`,
						at[role],
						contactPoint(half, role),
						device.contacts === 'worn' ? wornContactOhm : goodJointOhm
					)
				]
	);

function duplex(device: Extract<Device, { kind: 'duplex' | 'twoSlot' }>): DeviceModel {
	const tabs = device.kind === 'duplex' ? device.tabs : { hot: true, neutral: true };
	const ground = device.kind === 'duplex' ? { ground: 'ground' } : {};
	return {
		terminals: [
			{ name: 'hotUpper', role: 'hot', takes: screw },
			{ name: 'hotLower', role: 'hot', takes: screw },
			{ name: 'neutralUpper', role: 'neutral', takes: screw },
			{ name: 'neutralLower', role: 'neutral', takes: screw },
			...(device.kind === 'duplex' ? [{ name: 'ground', role: 'ground' as const, takes: groundScrew }] : [])
		],
		halves: ['upper', 'lower'],
		links: [
			...(tabs.hot ? [link('hot tab', 'hotUpper', 'hotLower')] : []),
			...(tabs.neutral ? [link('neutral tab', 'neutralUpper', 'neutralLower')] : []),
			...contactsOf(device, 'upper', { hot: 'hotUpper', neutral: 'neutralUpper', ...ground }),
			...contactsOf(device, 'lower', { hot: 'hotLower', neutral: 'neutralLower', ...ground })
		]
	};
}

/** All contacts of a role on one terminal. */
function grouped(device: Extract<Device, { kind: 'usb' | 'single' }>): DeviceModel {
	const halves: Half[] = device.kind === 'usb' ? ['upper', 'lower'] : ['only'];
	return {
		terminals: [
			{ name: 'hot', role: 'hot', takes: device.kind === 'usb' ? clamp : screw },
			{ name: 'neutral', role: 'neutral', takes: device.kind === 'usb' ? clamp : screw },
			{ name: 'ground', role: 'ground', takes: groundScrew }
		],
		halves,
		links: [
			...halves.flatMap((half) =>
				contactsOf(device, half, { hot: 'hot', neutral: 'neutral', ground: 'ground' })
			),
			...(device.kind === 'usb' ? [charger('hot', 'neutral')] : [])
		]
	};
}

function socket(device: Extract<Device, { kind: 'socketSingle' | 'socketTwin' | 'socketRcd' }>): DeviceModel {
	const halves: Half[] = device.kind === 'socketSingle' ? ['only'] : ['left', 'right'];
	const residual = device.kind === 'socketRcd';
	const closed = !residual || !device.tripped;
	const [hot, neutral] = residual ? ['faceHot', 'faceNeutral'] : ['hot', 'neutral'];
	const isOff = (half: Half) => device.off?.some((each) => each === half) ?? false;
	return {
		terminals: [
			{ name: 'hot', role: 'hot', takes: pillar },
			{ name: 'neutral', role: 'neutral', takes: pillar },
			{ name: 'groundA', role: 'ground', takes: pillar },
			{ name: 'groundB', role: 'ground', takes: pillar }
		],
		halves,
		links: [
			link('ground strap', 'groundA', 'groundB'),
			...(residual
				? [
						across('electronics', 'hot', 'neutral', electronicsF),
						link('sensed hot', 'hot', 'sensedHot'),
						link('sensed neutral', 'neutral', 'sensedNeutral')
					]
				: []),
			...(residual && closed
				? [link('contact hot', 'sensedHot', hot), link('contact neutral', 'sensedNeutral', neutral)]
				: []),
			...halves.flatMap((half) =>
				contactsOf(device, half, { ...(isOff(half) ? {} : { hot }), neutral, ground: 'groundA' })
			),
			...('plate' in device && device.plate === 'metal' ? [link('plate', 'groundA', platePoint)] : []),
			...(device.kind === 'socketTwin' && device.usb ? [charger('hot', 'neutral')] : [])
		],
		...(residual ? { protection: residualOf(device, false), supply: ['hot', 'neutral'] as const } : {})
	};
}

const residualOf = (device: { readonly tripMa: number }, findsGroundedNeutral: boolean): Protection => ({
	kind: 'residual',
	hot: 'sensed hot',
	neutral: 'sensed neutral',
	tripMa: device.tripMa,
	findsGroundedNeutral
});

/**
 * Supply in, through the transformer and the contacts, to the load side. The face of a current make has contacts of its own, so that it is dead when tripped whichever side
 * the supply is on; an old one's face is simply its load side.
 */
function gfci(device: Extract<Device, { kind: 'gfci' }>): DeviceModel {
	const face =
		device.make === 'current' ? (['faceHot', 'faceNeutral'] as const) : (['loadHot', 'loadNeutral'] as const);
	const closed = device.tripped
		? []
		: [
				link('contact hot', 'sensedHot', 'loadHot'),
				link('contact neutral', 'sensedNeutral', 'loadNeutral'),
				...(device.make === 'current'
					? [
							link('face contact hot', 'sensedHot', face[0]),
							link('face contact neutral', 'sensedNeutral', face[1])
						]
					: [])
			];
	const senses = device.protection !== 'arcFault';
	return {
		terminals: [
			{ name: 'supplyHot', role: 'hot', side: 'supply', takes: clamp },
			{ name: 'supplyNeutral', role: 'neutral', side: 'supply', takes: clamp },
			{ name: 'loadHot', role: 'hot', side: 'load', takes: clamp },
			{ name: 'loadNeutral', role: 'neutral', side: 'load', takes: clamp },
			{ name: 'ground', role: 'ground', takes: groundScrew }
		],
		halves: ['upper', 'lower'],
		links: [
			across('electronics', 'supplyHot', 'supplyNeutral', electronicsF),
			link('sensed hot', 'supplyHot', 'sensedHot'),
			link('sensed neutral', 'supplyNeutral', 'sensedNeutral'),
			...closed,
			...(['upper', 'lower'] as const).flatMap((half) =>
				contactsOf(device, half, { hot: face[0], neutral: face[1], ground: 'ground' })
			),
			...(device.usb ? [charger(face[0], face[1])] : [])
		],
		supply: ['supplyHot', 'supplyNeutral'],
		...(senses ? { protection: residualOf(device, true) } : {})
	};
}

function fusedSpur(device: Extract<Device, { kind: 'fusedSpur' }>): DeviceModel {
	return {
		terminals: [
			{ name: 'supplyHot', role: 'hot', side: 'supply', takes: pillar },
			{ name: 'supplyNeutral', role: 'neutral', side: 'supply', takes: pillar },
			{ name: 'loadHot', role: 'hot', side: 'load', takes: pillar },
			{ name: 'loadNeutral', role: 'neutral', side: 'load', takes: pillar },
			{ name: 'groundA', role: 'ground', takes: pillar },
			{ name: 'groundB', role: 'ground', takes: pillar }
		],
		halves: [],
		links: [
			link('ground strap', 'groundA', 'groundB'),
			...(device.on
				? [
						link('switch neutral', 'supplyNeutral', 'loadNeutral'),
						link('switch hot', 'supplyHot', 'switched')
					]
				: []),
			...(device.fuseBlown ? [] : [link('fuse', 'switched', 'loadHot', 0.01)])
		],
		protection: { kind: 'fuse', link: 'fuse', ratingA: device.fuseA }
	};
}

/** The largest conductor that a terminal takes held that way. */
export const largestAt = (terminal: Terminal, way: string): ConductorSize | undefined =>
	terminal.largest ?? largestConductor[way];

/** The regions in which a kind of device is sold. */
export const soldIn = (kind: Device['kind']): readonly Region[] => sold[kind];
const sold: Readonly<Record<Device['kind'], readonly Region[]>> = {
	duplex: ['us'],
	single: ['us'],
	twoSlot: ['us'],
	usb: ['us'],
	gfci: ['us'],
	switch: ['us', 'uk'],
	socketSingle: ['uk'],
	socketTwin: ['uk'],
	socketRcd: ['uk'],
	fusedSpur: ['uk'],
	fixed: ['us', 'uk'],
	blank: ['us', 'uk']
};

/** From how many ohms up a device with electronics may read hot to neutral by itself; `null`: it has none. Domain: hundreds of ohms to megohms. */
export const ownReadingFromOhm = (device: Device): number | null =>
	deviceModel(device).links.some(({ capacitanceF }) => capacitanceF !== undefined)
		? electronicsFromOhm
		: null;
const electronicsFromOhm = 500;

/** Whether a device's terminals tell supply in from feed out. */
export const hasSides = (device: Device): boolean => device.kind === 'gfci' || device.kind === 'fusedSpur';
