import type { Region } from '@wary/core/rules';
import type { Settings } from './settingsSchema';

export type { Settings } from './settingsSchema';

/** Ways of holding a breaker off that one has the things for. */
export const holdGear = ['clip', 'padlock', 'tape', 'tag'] as const;

/** What one usually owns there (domain: a two-pole indicator and a proving unit, or a meter). */
const usualInstruments: Record<Region, Settings['instruments']> = {
	us: ['multimeter', 'plugTester', 'contactless', 'lamp'],
	uk: ['indicator', 'provingUnit', 'multimeter', 'plugTester', 'contactless', 'lamp']
};

/** What is taken for granted until somebody says otherwise. */
export const defaultsFor = (region: Region): Settings => ({
	instruments: usualInstruments[region],
	holdGear: ['tape', 'tag'],
	search: { means: 'lamp', hearing: 0.95, walkS: 60, sets: true, keepOn: [] },
	connectors: []
});
