import { goodJointOhm } from '../rules';
import type { Device, Half, Role } from './schema';

/** How many conductors a terminal takes, by the way they are held; 0 where it has no such way. */
export interface Terminal {
	readonly name: string;
	readonly role: Role;
	/** For each way of holding: the number of conductors it takes. */
	readonly takes: Readonly<Partial<Record<'hook' | 'clampPlate' | 'pushIn' | 'pillar' | 'screw', number>>>;
}

/** A conducting part inside the device, between two of its points. */
export interface InternalLink {
	readonly id: string;
	readonly from: string;
	readonly to: string;
	readonly resistanceOhm: number;
}

export interface DeviceModel {
	readonly terminals: readonly Terminal[];
	readonly halves: readonly Half[];
	readonly links: readonly InternalLink[];
}

const screw = { hook: 1, clampPlate: 2, pushIn: 1 };
const groundScrew = { hook: 1, clampPlate: 1 };
const pillar = { pillar: 3 };
/** Contact of a plug that is no longer gripped, Ω. */
const wornContactOhm = 0.05;

/** Points of a half that a plug or a probe touches. */
export const contactPoint = (half: Half, role: 'hot' | 'neutral' | 'ground'): string => `${half}.${role}`;

/** Terminals, halves and conducting parts of a device: what it is to the network. */
export function deviceModel(device: Device): DeviceModel {
	if (device.kind === 'fixed')
		return {
			terminals: [
				{ name: 'hot', role: 'hot', takes: { hook: 1, screw: 2, pillar: 2 } },
				{ name: 'neutral', role: 'neutral', takes: { hook: 1, screw: 2, pillar: 2 } },
				{ name: 'ground', role: 'ground', takes: { hook: 1, screw: 2, pillar: 2 } }
			],
			halves: [],
			links: device.on ? [{ id: 'load', from: 'hot', to: 'neutral', resistanceOhm: device.resistanceOhm }] : []
		};
	const contactOhm = device.contacts === 'worn' ? wornContactOhm : goodJointOhm;
	const contact = (half: Half, role: 'hot' | 'neutral' | 'ground', terminal: string): InternalLink => ({
		id: `contact ${contactPoint(half, role)}`,
		from: terminal,
		to: contactPoint(half, role),
		resistanceOhm: contactOhm
	});
	switch (device.kind) {
		case 'duplex':
			return {
				terminals: [
					{ name: 'hotUpper', role: 'hot', takes: screw },
					{ name: 'hotLower', role: 'hot', takes: screw },
					{ name: 'neutralUpper', role: 'neutral', takes: screw },
					{ name: 'neutralLower', role: 'neutral', takes: screw },
					{ name: 'ground', role: 'ground', takes: groundScrew }
				],
				halves: ['upper', 'lower'],
				links: [
					...(device.tabs.hot ? [{ id: 'hot tab', from: 'hotUpper', to: 'hotLower', resistanceOhm: goodJointOhm }] : []),
					...(device.tabs.neutral ? [{ id: 'neutral tab', from: 'neutralUpper', to: 'neutralLower', resistanceOhm: goodJointOhm }] : []),
					contact('upper', 'hot', 'hotUpper'),
					contact('lower', 'hot', 'hotLower'),
					contact('upper', 'neutral', 'neutralUpper'),
					contact('lower', 'neutral', 'neutralLower'),
					contact('upper', 'ground', 'ground'),
					contact('lower', 'ground', 'ground')
				]
			};
		case 'twoSlot':
			return {
				terminals: [
					{ name: 'hotUpper', role: 'hot', takes: screw },
					{ name: 'hotLower', role: 'hot', takes: screw },
					{ name: 'neutralUpper', role: 'neutral', takes: screw },
					{ name: 'neutralLower', role: 'neutral', takes: screw }
				],
				halves: ['upper', 'lower'],
				links: [
					{ id: 'hot tab', from: 'hotUpper', to: 'hotLower', resistanceOhm: goodJointOhm },
					{ id: 'neutral tab', from: 'neutralUpper', to: 'neutralLower', resistanceOhm: goodJointOhm },
					contact('upper', 'hot', 'hotUpper'),
					contact('lower', 'hot', 'hotLower'),
					contact('upper', 'neutral', 'neutralUpper'),
					contact('lower', 'neutral', 'neutralLower')
				]
			};
		case 'single':
			return {
				terminals: [
					{ name: 'hot', role: 'hot', takes: screw },
					{ name: 'neutral', role: 'neutral', takes: screw },
					{ name: 'ground', role: 'ground', takes: groundScrew }
				],
				halves: ['only'],
				links: (['hot', 'neutral', 'ground'] as const).map((role) => contact('only', role, role))
			};
		case 'socketSingle':
		case 'socketTwin': {
			const halves: Half[] = device.kind === 'socketTwin' ? ['left', 'right'] : ['only'];
			return {
				terminals: [
					{ name: 'hot', role: 'hot', takes: pillar },
					{ name: 'neutral', role: 'neutral', takes: pillar },
					{ name: 'groundA', role: 'ground', takes: pillar },
					{ name: 'groundB', role: 'ground', takes: pillar }
				],
				halves,
				links: [
					{ id: 'ground strap', from: 'groundA', to: 'groundB', resistanceOhm: goodJointOhm },
					...halves.flatMap((half) => [
						contact(half, 'hot', 'hot'),
						contact(half, 'neutral', 'neutral'),
						contact(half, 'ground', 'groundA')
					])
				]
			};
		}
	}
}
