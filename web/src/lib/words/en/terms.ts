import type { Colour, Half, House, How, Role } from '@wary/core/house';
import { findBox, findBreaker, mainPanel, mainSwitch, panelOf, placeName } from '@wary/core/house';
import { foundTo, pairsToRead, type Earth, type JobPlan, type Pair, type WireRef } from '@wary/core/job';
import type { ConductorSize, Region } from '@wary/core/rules';
import { breakerTypeWords } from './breakers';

/** The trade's words in a region. */
export interface Terms {
	readonly hot: string;
	readonly neutral: string;
	readonly ground: string;
	readonly switchedHot: string;
	readonly outlet: string;
	readonly panel: string;
	readonly breaker: string;
	/** With its article. */
	readonly aBreaker: string;
	/** A device that opens at a leak, with its article. */
	readonly aResidual: string;
	/** Who takes over what isn't a homeowner's. */
	readonly handTo: string;
	readonly plate: string;
	readonly standard: string;
	/** Where one breaker sits in a panel, one and several. */
	readonly space: string;
	readonly spaces: string;
	/** A residual-current part, by its letters. */
	readonly residual: string;
	readonly supply: string;
	/** What torque is printed in, and how many N·m one of it is. */
	readonly torque: { readonly unit: string; readonly inNm: number };
	readonly pigtail: string;
	/** How long one is cut. */
	readonly pigtailLength: string;
	/** As an adjective before a date. */
	readonly locale: string;
}

/** N·m in one in·lb: 0.0254 m × 4.44822 N, by definition of inch and pound-force. */
export const newtonMetresInInchPound = 0.0254 * 4.44822;

export const terms: Record<Region, Terms> = {
	us: {
		hot: 'hot',
		neutral: 'neutral',
		ground: 'ground',
		switchedHot: 'switched hot',
		outlet: 'outlet',
		panel: 'panel',
		breaker: 'breaker',
		aBreaker: 'a breaker',
		aResidual: 'a GFCI',
		handTo: 'licensed electrician',
		plate: 'plate',
		standard: 'NEC',
		space: 'space',
		spaces: 'spaces',
		residual: 'GFCI',
		supply: '120/240 V',
		torque: { unit: 'in·lb', inNm: newtonMetresInInchPound },
		pigtail: 'pigtail',
		pigtailLength: '6 in (150 mm)',
		locale: 'en-US'
	},
	uk: {
		hot: 'line',
		neutral: 'neutral',
		ground: 'earth',
		switchedHot: 'switched line',
		outlet: 'socket-outlet',
		panel: 'consumer unit',
		breaker: 'MCB',
		aBreaker: 'an MCB',
		aResidual: 'an RCD',
		handTo: 'registered electrician',
		plate: 'faceplate',
		standard: 'BS 7671',
		space: 'way',
		spaces: 'ways',
		residual: 'RCD',
		supply: '230 V',
		torque: { unit: 'N·m', inNm: 1 },
		pigtail: 'tail',
		pigtailLength: '150 mm',
		locale: 'en-GB'
	}
};

/** `12AWG` as 12 AWG, `2.5mm2` as 2.5 mm²; never broken over two lines. */
export const sizeWords = (size: ConductorSize): string =>
	size.replace('mm2', '\u00a0mm²').replace('AWG', '\u00a0AWG');

export const roleWord = (region: Region, role: Role): string => terms[region][role];

export const colourWords: Record<Colour, string> = {
	black: 'black',
	white: 'white',
	grey: 'grey',
	red: 'red',
	blue: 'blue',
	brown: 'brown',
	yellow: 'yellow',
	green: 'green',
	greenYellow: 'green-and-yellow',
	bare: 'bare'
};
export const howWords: Record<How, string> = {
	hook: 'hook under the screw',
	clampPlate: 'clamp plate',
	pushIn: 'push-in spring',
	pillar: 'pillar',
	twistOn: 'twist-on connector',
	lever: 'lever connector',
	crimp: 'crimp',
	screw: 'screw'
};
export const halfWords: Record<Half, string> = {
	upper: 'upper half',
	lower: 'lower half',
	left: 'left socket',
	right: 'right socket',
	only: 'socket'
};

const terminalWords: Record<Region, Record<string, string>> = {
	us: {
		hotUpper: 'upper brass screw',
		hotLower: 'lower brass screw',
		neutralUpper: 'upper silver screw',
		neutralLower: 'lower silver screw',
		hot: 'brass screw',
		neutral: 'silver screw',
		ground: 'green screw',
		switchedHot: 'second brass screw',
		supplyHot: 'LINE brass screw (supply in)',
		supplyNeutral: 'LINE silver screw (supply in)',
		loadHot: 'LOAD brass screw (to the next boxes)',
		loadNeutral: 'LOAD silver screw (to the next boxes)',
		capHot: 'cap on the hot',
		capNeutral: 'cap on the neutral',
		capGround: 'cap on the ground'
	},
	uk: {
		hot: 'terminal L',
		neutral: 'terminal N',
		groundA: 'first earth terminal',
		groundB: 'second earth terminal',
		ground: 'earth terminal',
		supplyHot: 'terminal L, SUPPLY (supply in)',
		supplyNeutral: 'terminal N, SUPPLY (supply in)',
		loadHot: 'terminal L, LOAD (to what it feeds)',
		loadNeutral: 'terminal N, LOAD (to what it feeds)',
		capHot: 'cap on the line',
		capNeutral: 'cap on the neutral',
		capGround: 'cap on the earth'
	}
};
export const terminalWord = (region: Region, terminal: string): string =>
	terminalWords[region][terminal] ?? terminal;

/** “14” as it is marked on the panel; with the panel’s name where it isn’t the main one; a main switch by its name. */
export function breakerName(house: House, id: string): string {
	const main = house.panels.find((panel) => mainSwitch(panel.id) === id);
	if (main) return main === mainPanel(house) ? 'the main switch' : `the main switch of ${main.name}`;
	const panel = panelOf(house, id);
	const breaker = panel?.breakers.find((each) => each.id === id);
	if (!panel || !breaker) return id;
	const number = `${breaker.spaces.join('/')}${breaker.tandem ?? ''}`;
	return panel === mainPanel(house) ? number : `${panel.name} ${number}`;
}

/** Several of them: “3, 7 and 12”. */
export function breakerNames(house: House, ids: readonly string[]): string {
	const names = ids.map((id) => breakerName(house, id));
	return names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

/** What a protective device is called where it hangs: MCB, RCBO, fuse, breaker. */
export const protectiveWord = (house: House, id: string): string =>
	breakerTypeWords(findBreaker(house, id)?.type ?? 'plain', house.region);

/** “MCB 5”, “fuse 3”, “breakers 3 and 7”, “the main switch”: each called what it is. */
export function namedBreakers(house: House, ids: string | readonly string[]): string {
	const all = typeof ids === 'string' ? [ids] : ids;
	const one = (id: string) =>
		findBreaker(house, id)
			? `${protectiveWord(house, id)} ${breakerName(house, id)}`
			: breakerName(house, id);
	const words = new Set(all.map((id) => (findBreaker(house, id) ? protectiveWord(house, id) : id)));
	if (all.length > 1 && words.size === 1) return `${[...words][0]}s ${breakerNames(house, all)}`;
	const names = all.map(one);
	return names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

export const boxPlace = (house: House, boxId: string): string => {
	const box = findBox(house, boxId);
	return box ? placeName(house, box) : boxId;
};

/** A fuse isn’t switched: it is drawn out and pushed in. */
export const isFuse = (house: House, id: string | null | undefined): boolean =>
	id !== null && id !== undefined && findBreaker(house, id)?.type === 'fuse';
/** “Switch MCB 5 off”, “Draw fuse 5 out”. */
export const switchedOff = (house: House, id: string): string =>
	isFuse(house, id) ? `Draw ${namedBreakers(house, id)} out` : `Switch ${namedBreakers(house, id)} off`;

/** A wire as one sees it: colour, then where its cable goes. */
export function wireWords(house: House, region: Region, wire: WireRef): string {
	const colour = colourWords[wire.colour];
	if (wire.cable === null) return region === 'uk' ? `${colour} tail to the box` : `${colour} pigtail`;
	const from =
		wire.comesFrom === 'panel' || wire.comesFrom === null
			? `the ${terms[region].panel}`
			: boxPlace(house, wire.comesFrom);
	return `${colour} of the cable to ${from}`;
}

/** A pair in a few words: “upper half: hot to neutral”. */
export function pairWords(plan: JobPlan, id: string, earth: Earth = 'box'): string {
	const t = terms[plan.region];
	const pair = findPair(plan, id, earth);
	const brought = pair ? pair.black === null : typeof earth === 'object';
	const ground = brought ? `known ${plan.region === 'uk' ? 'earth' : 'ground'}` : t.ground;
	if (!pair) return `the conductor you found, to ${foundTo(id) === 'neutral' ? t.neutral : ground}`;
	if (pair.half) {
		const between = {
			hotNeutral: `${t.hot} to ${t.neutral}`,
			hotGround: `${t.hot} to ${ground}`,
			neutralGround: `${t.neutral} to ${ground}`,
			toGround: `to ${ground}`,
			groundEarth: `${t.ground} to ${ground}`
		}[pair.kind];
		return pair.half === 'only' ? between : `${halfWords[pair.half]}: ${between}`;
	}
	const red = pair.redWire ? shortWire(plan, pair.redWire) : 'metal of the box';
	if (pair.blackWire === 'box') return `${t.ground} to the metal of the box`;
	const black = pair.kind === 'hotNeutral' && pair.blackWire ? shortWire(plan, pair.blackWire) : ground;
	return `${red} to ${black}`;
}

/** Colour and role, and which of the cables where there are several: “black (hot), cable A”. */
export function shortWire(plan: JobPlan, wire: WireRef): string {
	const letter = cableLetter(plan, wire.cable);
	return `${colourWords[wire.colour]} (${roleWord(plan.region, wire.role)})${letter ? `, cable ${letter}` : ''}`;
}

/** Cables in the box are lettered in the order of the plan, as one would mark them with tape. */
export function cableLetter(plan: JobPlan, cable: string | null): string {
	if (cable === null) return '';
	const cables = cablesOf(plan);
	return cables.length > 1 ? String.fromCharCode(65 + cables.indexOf(cable)) : '';
}

/** “cable A, to the landing”: its letter, and where it goes as recorded. */
export function cableWords(house: House, plan: JobPlan, cable: string): string {
	const wire = [...plan.takeOff.flatMap(({ wires }) => wires), ...plan.passing].find(
		(each) => each.cable === cable
	);
	const near = wire?.comesFrom && plan.beside.includes(wire.comesFrom);
	if (near) return `wires ${cableLetter(plan, cable)}, ${besideWords(boxPlace(house, wire.comesFrom!))}`;
	const to =
		wire?.comesFrom === 'panel' || !wire?.comesFrom
			? `the ${terms[plan.region].panel}`
			: boxPlace(house, wire.comesFrom);
	return `cable ${cableLetter(plan, cable)}, recorded as going to ${to}`;
}

export const cablesOf = (plan: JobPlan): string[] =>
	[
		...new Set(
			[...plan.takeOff.flatMap(({ wires }) => wires), ...plan.passing].flatMap(({ cable }) =>
				cable === null ? [] : [cable]
			)
		)
	].sort();

export function findPair(plan: JobPlan, id: string, earth: Earth = 'box'): Pair | undefined {
	const { face, bare } = pairsToRead(plan, earth);
	return [...face, ...bare].find((pair) => pair.id === id);
}

/** Volts as a meter shows them. */
export const voltsWord = (volts: number): string => `${volts.toFixed(1)} V`;

/** Ohms with a sensible unit; open is “open”. */
export function ohmsWord(ohm: number | null): string {
	if (ohm === null || ohm === Infinity) return 'open (OL)';
	if (ohm >= 1e6) return `${(ohm / 1e6).toFixed(1)} MΩ`;
	if (ohm >= 1000) return `${(ohm / 1000).toFixed(1)} kΩ`;
	return `${ohm.toFixed(ohm < 10 ? 1 : 0)} Ω`;
}

/** A name inside a sentence: its first letter small, an abbreviation left alone. */
export const inSentence = (text: string): string =>
	// An abbreviation stays one: GFCI, RCD, USB.
	/^[A-Z]{2}/.test(text) ? text : text.charAt(0).toLowerCase() + text.slice(1);
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** By what a supply cable was found. */
export const supplyByWords = {
	resistance: 'resistance',
	voltage: 'voltage',
	device: 'the new part, which resets on no other'
} as const;

/** Where a wire leads whose other end is in the same box. */
export const besideWords = (place: string): string => `to the one beside it, ${place}`;

/** A volume to a hundredth, without zeros that say nothing. */
export const volumeWord = (in3: number): string => String(Math.round(in3 * 100) / 100);
