import type { Region } from '@wary/core/rules';
import type { Settings } from './settingsSchema';

export type { Settings } from './settingsSchema';

/** Ways of holding a breaker off that one has the things for. */
export const holdGear = ['clip', 'padlock', 'tape', 'tag'] as const;

/** What is taken for granted until somebody says otherwise. */
export const defaultsFor = (region: Region): Settings => ({
	instruments:
		region === 'uk'
			? ['indicator', 'provingUnit', 'multimeter', 'plugTester', 'contactless', 'lamp']
			: ['multimeter', 'plugTester', 'contactless', 'lamp'],
	holdGear: ['tape', 'tag'],
	search: { means: 'lamp', hearing: 0.95, walkS: 60, sets: true, keepOn: [] },
	connectors: []
});
