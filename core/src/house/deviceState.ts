import { deviceModel } from './devices';
import type { Box, Device, Half, House } from './schema';

/** What can be set, switched, broken or opened at a device: asked here, so that nobody else needs to know its kind. */

export type Tabs = Extract<Device, { kind: 'duplex' }>['tabs'];

export const isTripped = (device: Device | undefined): boolean =>
	device !== undefined && 'tripped' in device && device.tripped;
export const withTripped = (device: Device, tripped: boolean): Device =>
	'tripped' in device ? { ...device, tripped } : device;
/** Its button is in reach, and can be pushed in whether there is supply or not: an old make. */
export const resetsUnsupplied = (device: Device | undefined): boolean =>
	device?.kind === 'gfci' && device.make === 'old';
/** Lets itself be reset only with the supply on its supply side: a current make (UL 943 since 2015). */
export const resetsOnlyFed = (device: Device | undefined): boolean =>
	device?.kind === 'gfci' && device.make === 'current';
/** Its own protection is worn out: it lets through what it should open at. */
export const isWornOut = (device: Device): boolean => 'senses' in device && !device.senses;

/** The same with its own protection worn out: its contacts stay shut whatever flows. */
export const wornOut = (device: Device): Device =>
	'senses' in device ? { ...device, senses: false } : device;

/** The device after its own protection has opened; as it was where it has none. */
export function opened(device: Device): Device {
	return device.kind === 'fusedSpur' ? { ...device, fuseBlown: true } : withTripped(device, true);
}

/** Nothing is fitted yet: the ends of a cable, each under its cap, behind a blank cover. */
export const isBlank = (device: Device | undefined): device is Blank => device?.kind === 'blank';
type Blank = Extract<Device, { kind: 'blank' }>;
/** Whether something can be plugged in at a box. */
export const hasOutlet = ({ use, device }: Pick<Box, 'use' | 'device'>): boolean =>
	use === 'outlet' && device !== undefined && !isBlank(device);
export const isWallSwitch = (device: Device | undefined): boolean => device?.kind === 'switch';
type Switched = Extract<Device, { kind: 'switch' | 'fusedSpur' }>;
const worksAll = (device: Device): device is Switched =>
	device.kind === 'switch' || device.kind === 'fusedSpur';
type Socket = Extract<Device, { kind: 'socketSingle' | 'socketTwin' | 'socketRcd' }>;
const isSocket = (device: Device): device is Socket =>
	device.kind === 'socketSingle' || device.kind === 'socketTwin' || device.kind === 'socketRcd';
/** Switches of its own: one that works all of it, or one for each half of a face. */
export function ownSwitches(device: Device): readonly (Half | 'whole')[] {
	if (worksAll(device)) return ['whole'];
	return isSocket(device) && device.switched ? deviceModel(device).halves : [];
}
/** With one of its own switches on, or off. */
export function turned(device: Device, which: Half | 'whole', on: boolean): Device {
	if (worksAll(device)) return { ...device, on };
	if (!isSocket(device) || which === 'whole') return device;
	const half = which as NonNullable<Socket['off']>[number];
	const others = (device.off ?? []).filter((each) => each !== half);
	return { ...device, off: on ? others : [...others, half] };
}
/** Whether one of its own switches is off. */
export const isSwitchedOff = (device: Device, which: Half | 'whole'): boolean =>
	worksAll(device) ? !device.on : isSocket(device) && (device.off ?? []).some((half) => half === which);
/** With its own switches on, of a wall or of a face. */
export const switchedOn = (device: Device): Device =>
	worksAll(device) ? { ...device, on: true } : isSocket(device) ? { ...device, off: [] } : device;
export const wallSwitchesOff = (house: House): House => ({
	...house,
	boxes: house.boxes.map((box) =>
		box.device?.kind === 'switch' ? { ...box, device: { ...box.device, on: false } } : box
	)
});

/** Bridge tabs between the halves; `null` where there are none to break. */
export const tabsOf = (device: Device | undefined): Tabs | null =>
	device && 'tabs' in device ? device.tabs : null;
export const withTabs = (device: Device, tabs: Partial<Tabs>): Device =>
	'tabs' in device ? { ...device, tabs: { ...device.tabs, ...tabs } } : device;
/** Both tabs as they come from the packet. */
export const withWholeTabs = (device: Device): Device => withTabs(device, { hot: true, neutral: true });

/** Whether it has a terminal for a ground. */
export const takesGround = (device: Device): boolean =>
	deviceModel(device).terminals.some(({ role }) => role === 'ground');

/** Whether its face is of metal, which has to be earthed. */
export const hasMetalFace = (device: Device): boolean => 'plate' in device && device.plate === 'metal';

/** Something connected for good in place of an outlet, by its name; `null`: it is none. */
export const applianceOf = (
	device: Device | undefined
): Pick<Extract<Device, { kind: 'fixed' }>, 'name' | 'matters'> | null =>
	device?.kind === 'fixed' ? device : null;
