import type { Device } from '@wary/core/house';
import type { JobPlan } from '@wary/core/job';
import type { Region } from '@wary/core/rules';
import { day } from './dates';
import { inSentence, terms } from './terms';

const gfciWords = {
	groundFault: 'GFCI outlet',
	arcFault: 'AFCI outlet',
	dualFunction: 'AFCI and GFCI outlet'
};

/** What kind of device it is, in the region's words. */
export function kindWords(device: Device): string {
	switch (device.kind) {
		case 'fixed':
			return device.name;
		case 'duplex':
			return device.style === 'decorator' ? 'Decorator outlet' : 'Duplex outlet';
		case 'usb':
			return 'USB outlet';
		case 'gfci':
			return `${gfciWords[device.protection]}${device.usb ? ' with USB' : ''}${device.make === 'old' ? ', older make' : ''}`;
		case 'socketTwin':
			return device.usb
				? 'Twin socket with USB'
				: device.plate === 'metal'
					? 'Twin socket, metal plate'
					: 'Twin socket';
		default:
			return {
				single: 'Single outlet',
				twoSlot: 'Two-slot outlet, ungrounded',
				switch: 'Wall switch',
				socketSingle: 'Single socket',
				socketRcd: 'Twin socket with RCD',
				fusedSpur: 'Fused spur',
				blank: 'Blank cover'
			}[device.kind];
	}
}

/** A device in a line: kind, rating, marks, age. */
export function deviceWords(device: Device, region: Region): string {
	if (!('ratingA' in device)) return kindWords(device);
	const parts = [
		kindWords(device),
		`${device.ratingA} A`,
		...('switched' in device && device.switched ? ['switched'] : []),
		...('fuseA' in device ? [`fuse ${device.fuseA} A`] : []),
		...('tamperResistant' in device && device.tamperResistant
			? [region === 'us' ? 'tamper resistant' : 'shuttered']
			: []),
		...('contacts' in device && device.contacts === 'worn' ? ['contacts worn'] : []),
		...(device.fitted ? [`fitted ${day(device.fitted, terms[region].locale)}`] : [])
	];
	return parts.join(', ');
}

/** What the device is that is only taken out: “wall switch”. */
export const putBackKind = ({ oldDevice }: Pick<JobPlan, 'oldDevice'>): string =>
	inSentence(kindWords(oldDevice));
