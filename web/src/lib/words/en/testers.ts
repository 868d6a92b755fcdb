import type { Capability, SceneKind, Shown, TesterKind } from '@wary/core/instruments';
import type { Region } from '@wary/core/rules';
import { terms } from './terms';

export const testerWords = (region: Region): Record<TesterKind | 'provingUnit', string> => ({
	multimeter: 'multimeter',
	lowImpedanceMeter: 'multimeter with low-impedance mode',
	indicator: 'two-probe voltage indicator',
	plugTester: region === 'uk' ? 'plug-in socket tester' : 'three-lamp plug-in tester',
	contactless: 'contactless tester',
	lamp: 'lamp',
	provingUnit: 'proving unit'
});
export const testerShort: Record<TesterKind, string> = {
	multimeter: 'meter',
	lowImpedanceMeter: 'low-Z meter',
	indicator: 'indicator',
	plugTester: 'plug-in',
	contactless: 'contactless',
	lamp: 'lamp'
};

/** Each situation of the table: what is so, and why a person would call it dead. */
export function sceneWords(kind: SceneKind, region: Region): { short: string; text: string } {
	const t = terms[region];
	switch (kind) {
		case 'wrongBreaker':
			return { short: `Wrong ${t.breaker} off`, text: `The ${t.outlet} is as live as ever.` };
		case 'openNeutral':
			return {
				short: `${t.neutral} open upstream`,
				text: `The lamp is dark because its ${t.neutral} is gone. The ${t.hot} is still there, at full voltage to ${t.ground}.`
			};
		case 'openGroundToo':
			return {
				short: `${t.neutral} and ${t.ground} open`,
				text: `Nothing in the box is a ${t.ground}: between any two of its contacts there is next to nothing, and the ${t.hot} is at full voltage to the floor you stand on. Only a reading to a known ${t.ground} shows it.`
			};
		case 'otherHalf':
			return {
				short: 'Other half fed elsewhere',
				text: 'The upper half is off. The lower half comes from another breaker, and is on.'
			};
		case 'secondCircuit':
			return {
				short: 'Second circuit in the box',
				text: 'A cable of another circuit passes through behind the device, joined and capped, alive.'
			};
		case 'shielded':
			return {
				short: 'Armoured cable',
				text: 'Alive, behind metal that a contactless tester can’t see through.'
			};
		case 'phantom':
			return {
				short: 'Induced voltage only',
				text: `Nothing is alive here. The ${t.hot} floats beside a live one and takes up a voltage with nothing behind it.`
			};
	}
}

export const verdictWords: Record<Capability['verdict'], { mark: string; text: string }> = {
	shows: { mark: '●', text: 'shows it' },
	misses: { mark: '○', text: 'MISSES IT' },
	right: { mark: '—', text: 'rightly quiet' },
	unclear: { mark: '?', text: 'can’t tell' },
	falseAlarm: { mark: '!', text: 'false alarm' }
};

/** Where an instrument was held, in words: “upper hot to neutral”, “white to the panel’s ground”. */
export function atWords({ at }: Shown, region: Region): string {
	const t = terms[region];
	const one = (point: string): string => {
		const contact = /\/(upper|lower|left|right|only)\.(hot|neutral|ground)$/.exec(point);
		if (contact)
			return `${contact[1] === 'only' ? '' : `${contact[1]} `}${t[contact[2] as 'hot' | 'neutral' | 'ground']}`;
		const conductor = /^cable:([^/]+)\/(\w+)@/.exec(point);
		if (conductor)
			return `${(['hot', 'neutral', 'ground'] as const).map((role) => (conductor[2] === role ? t[role] : '')).join('')} wire${conductor[1] === 'stray' ? ' of the other cable' : ''}`;
		return `a known ${t.ground}`;
	};
	return at.map(one).join(' to ');
}
export const shownWords = ({ value }: Shown): string =>
	typeof value === 'number'
		? Number.isInteger(value)
			? value === 0
				? 'dark'
				: `${value} V`
			: `${value.toFixed(1)} V`
		: value
			? 'lit'
			: 'dark';
