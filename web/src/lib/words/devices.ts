import type { Device } from '@wary/core/house';
import type { Region } from '@wary/core/rules';
import { day } from './dates';
import { terms } from './terms';

/** A device in a line: kind, rating, marks, age. */
export function deviceWords(device: Device, region: Region): string {
	if (device.kind === 'fixed') return device.name;
	const kind = {
		duplex: device.kind === 'duplex' && device.style === 'decorator' ? 'Decorator outlet' : 'Duplex outlet',
		single: 'Single outlet',
		twoSlot: 'Two-slot outlet, ungrounded',
		socketSingle: 'Single socket',
		socketTwin: 'Twin socket'
	}[device.kind];
	const parts = [
		kind,
		`${device.ratingA} A`,
		...(device.kind === 'socketTwin' && device.switched ? ['switched'] : []),
		...(device.tamperResistant ? [region === 'us' ? 'tamper resistant' : 'shuttered'] : []),
		...(device.contacts === 'worn' ? ['contacts worn'] : []),
		...(device.fitted ? [`fitted ${day(device.fitted, terms[region].locale)}`] : [])
	];
	return parts.join(', ');
}
