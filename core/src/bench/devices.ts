import type { Device } from '../house';
import type { Region } from '../rules';

const good = { contacts: 'good' as const, tamperResistant: true };
const residual = { tripped: true, senses: true };
const us = { ratingA: 15, ...good };
const uk = { ratingA: 13, ...good };

/** Devices that can be fitted at the bench, new: a residual one comes tripped, as many do. By name within a region. */
export const newDevices: Record<Region, Readonly<Record<string, Device>>> = {
	us: {
		duplex: {
			kind: 'duplex',
			...us,
			style: 'standard',
			weatherResistant: false,
			tabs: { hot: true, neutral: true }
		},
		decorator: {
			kind: 'duplex',
			...us,
			style: 'decorator',
			weatherResistant: false,
			tabs: { hot: true, neutral: true }
		},
		single: { kind: 'single', ...us },
		twoSlot: { kind: 'twoSlot', ...us, tamperResistant: false },
		usb: { kind: 'usb', ...us, style: 'decorator' },
		gfci: {
			kind: 'gfci',
			...us,
			weatherResistant: false,
			protection: 'groundFault',
			make: 'current',
			indicator: 'showsPower',
			...residual,
			tripMa: 5
		},
		gfciOld: {
			kind: 'gfci',
			...us,
			weatherResistant: false,
			protection: 'groundFault',
			make: 'old',
			indicator: 'showsTrip',
			...residual,
			tripped: false,
			tripMa: 5
		},
		dualFunction: {
			kind: 'gfci',
			...us,
			weatherResistant: false,
			protection: 'dualFunction',
			make: 'current',
			indicator: 'showsPower',
			...residual,
			tripMa: 5
		},
		arcFault: {
			kind: 'gfci',
			...us,
			weatherResistant: false,
			protection: 'arcFault',
			make: 'current',
			indicator: 'showsPower',
			...residual,
			tripMa: 5
		},
		switch: { kind: 'switch', ratingA: 15, on: true }
	},
	uk: {
		socketSingle: { kind: 'socketSingle', ...uk, switched: true },
		socketTwin: { kind: 'socketTwin', ...uk, switched: true },
		socketTwinPlain: { kind: 'socketTwin', ...uk, switched: false },
		socketTwinUsb: { kind: 'socketTwin', ...uk, switched: true, usb: true },
		socketRcd: { kind: 'socketRcd', ...uk, switched: true, ...residual, tripMa: 30 },
		fusedSpur: { kind: 'fusedSpur', ratingA: 13, fuseA: 13, on: true, fuseBlown: false }
	}
};
