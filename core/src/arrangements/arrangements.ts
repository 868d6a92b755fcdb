import type { Box, Cable, Conductor, Device, House } from '../house';
import type { Region } from '../rules';
import { fragment, here, type BoxPlan, type CablePlan, type FragmentOptions } from './fragment';

export const arrangementKinds = [
	'endOfRun',
	'middleThrough',
	'middlePigtails',
	'branch',
	'halfSwitched',
	'twoCircuits',
	'sharedNeutralMiddle',
	'throughGfci',
	'behindGfci',
	'ungrounded',
	'metalPath',
	'passingThrough',
	'radialEnd',
	'radialMiddle',
	'ring',
	'spur',
	'ringWithSpur',
	'fusedSpur'
] as const;
export type ArrangementKind = (typeof arrangementKinds)[number];

/** A way in which a box is met, as a generator of a whole small house round the box `here`. */
export interface Arrangement {
	readonly kind: ArrangementKind;
	readonly region: Region;
	readonly build: (options?: FragmentOptions) => House;
}

const before: BoxPlan = { id: 'before', name: 'outlet before' };
const after: BoxPlan = { id: 'after', name: 'outlet after' };
const after2: BoxPlan = { id: 'after2', name: 'second outlet after' };
const middle: BoxPlan = { id: here, name: 'this outlet' };
const first: CablePlan = { id: 'c1', from: 'panel', to: 'before' };
const supply: CablePlan = { id: 'c2', from: 'before', to: here };
const onward: CablePlan = { id: 'c3', from: here, to: 'after' };

const us = (kind: ArrangementKind, build: (options: FragmentOptions) => House): Arrangement => ({
	kind,
	region: 'us',
	build: (options = {}) => build(options)
});
const uk = (kind: ArrangementKind, build: (options: FragmentOptions) => House): Arrangement => ({
	kind,
	region: 'uk',
	build: (options = {}) => build(options)
});

const duplex = (hotTab: boolean): Device => ({
	kind: 'duplex',
	ratingA: 15,
	tamperResistant: true,
	style: 'standard',
	weatherResistant: false,
	tabs: { hot: hotTab, neutral: true },
	contacts: 'good'
});
const twoSlot: Device = { kind: 'twoSlot', ratingA: 15, tamperResistant: false, contacts: 'good' };
export const newGfci: Extract<Device, { kind: 'gfci' }> = {
	kind: 'gfci',
	ratingA: 15,
	tamperResistant: true,
	weatherResistant: false,
	protection: 'groundFault',
	make: 'current',
	indicator: 'showsPower',
	tripped: false,
	senses: true,
	tripMa: 5,
	contacts: 'good'
};
const fusedUnit: Device = { kind: 'fusedSpur', ratingA: 13, fuseA: 13, on: true, fuseBlown: false };
const wallSwitch: Device = { kind: 'switch', ratingA: 15, on: true };

const red = (role: 'hot' | 'switchedHot', circuit?: string): Conductor => ({
	id: 'red',
	role,
	colour: 'red',
	...(circuit ? { circuit } : {})
});

type Wiring = Pick<Box, 'joints' | 'terminations' | 'pigtails'>;
type Landing = (cable: Cable, conductor: Conductor) => string;

/** Every conductor where `landing` says; joints and tails as named. `roles` of tails by their joint. */
function wired(
	cables: readonly Cable[],
	landing: Landing,
	tails: readonly (readonly [joint: string, terminal: string])[]
): Wiring {
	const terminations = cables.flatMap((cable) =>
		cable.conductors.map((conductor) => {
			const at = landing(cable, conductor);
			return {
				cable: cable.id,
				conductor: conductor.id,
				at,
				how: at.startsWith('joint:') ? ('twistOn' as const) : ('hook' as const)
			};
		})
	);
	const joints = [
		...new Set(terminations.flatMap(({ at }) => (at.startsWith('joint:') ? [at.slice(6)] : [])))
	];
	const looks: Record<string, Pick<Box['pigtails'][number], 'role' | 'colour'>> = {
		ground: { role: 'ground', colour: 'bare' },
		neutral: { role: 'neutral', colour: 'white' },
		red: { role: 'hot', colour: 'red' }
	};
	return {
		joints: joints.map((id) => ({ id, how: 'twistOn' })),
		terminations: terminations.map((each) =>
			each.at === 'capped' ? { cable: each.cable, conductor: each.conductor, at: each.at } : each
		),
		pigtails: tails.map(([joint, terminal]) => ({
			id: `${joint}Tail`,
			...(looks[joint] ?? { role: 'hot', colour: 'black' }),
			from: `joint:${joint}`,
			to: `terminal:${terminal}`,
			how: 'hook'
		}))
	};
}

const groundTail = ['ground', 'ground'] as const;
const jointed: Landing = (_, { role }) => `joint:${role}`;
const pigtailed = (cables: readonly Cable[]): Wiring =>
	wired(cables, jointed, [groundTail, ['neutral', 'neutralUpper'], ['hot', 'hotUpper']]);

function halfSwitched(options: FragmentOptions): House {
	return fragment('us', options, {
		boxes: [
			before,
			{
				...middle,
				device: duplex(false),
				wiring: (cables) =>
					wired(
						cables,
						(cable, { role }) =>
							role === 'ground' || role === 'hot'
								? `joint:${role}`
								: role === 'switchedHot'
									? 'terminal:hotLower'
									: cable.id === 'c3'
										? 'capped'
										: 'terminal:neutralUpper',
						[groundTail, ['hot', 'hotUpper']]
					)
			},
			{
				id: 'wallSwitch',
				name: 'wall switch',
				use: 'fixed',
				device: wallSwitch,
				wiring: (cables) =>
					wired(cables, (_, { role }) => (role === 'neutral' ? 'capped' : `terminal:${role}`), [])
			}
		],
		cables: [first, supply, { id: 'c3', from: here, to: 'wallSwitch', extra: [red('switchedHot')] }]
	});
}

/** Two hots of different legs and one neutral come in one cable; each half has its own. */
const twoCircuits = (options: FragmentOptions): House =>
	fragment('us', options, {
		boxes: [
			{
				...middle,
				device: duplex(false),
				wiring: (cables) =>
					wired(
						cables,
						(_, { role, id }) =>
							role === 'ground'
								? 'terminal:ground'
								: id === 'red'
									? 'terminal:hotLower'
									: role === 'neutral'
										? 'terminal:neutralUpper'
										: 'terminal:hotUpper',
						[]
					)
			}
		],
		cables: [{ id: 'c1', from: 'panel', to: here, extra: [red('hot', 'b')] }]
	});

/** The same cable passes on: this outlet uses one hot, the other goes by in a joint, and the neutral is shared. */
function sharedNeutralMiddle(options: FragmentOptions): House {
	const both = { extra: [red('hot', 'b')] };
	return fragment('us', options, {
		boxes: [
			{
				...middle,
				wiring: (cables) =>
					wired(cables, (_, { role, id }) => `joint:${id === 'red' ? 'red' : role}`, [
						groundTail,
						['neutral', 'neutralUpper'],
						['hot', 'hotUpper']
					])
			},
			{
				...after,
				wiring: (cables) =>
					wired(
						cables,
						(_, { role, id }) =>
							role === 'ground'
								? 'terminal:ground'
								: id === 'red'
									? 'terminal:hotUpper'
									: role === 'neutral'
										? 'terminal:neutralUpper'
										: 'capped',
						[]
					)
			}
		],
		cables: [
			{ id: 'c1', from: 'panel', to: here, ...both },
			{ id: 'c2', from: here, to: 'after', ...both }
		]
	});
}

const metal = { sheath: 'armoured' as const, without: ['ground' as const], metal: true };
/** Two insulated conductors in a metal sheath: the metal of box and sheath is the path to ground. */
const onMetal = (cables: readonly Cable[], box: Box): Wiring => ({
	...wired(cables, (cable, { role }) => `terminal:${role}${cable.to.box === box.id ? 'Upper' : 'Lower'}`, []),
	pigtails: [
		{ id: 'boxTail', role: 'ground', colour: 'green', from: 'box', to: 'terminal:ground', how: 'hook' }
	]
});

/** A cable of the second circuit is in the box, and goes on from it, without touching the device. */
function passingThrough(options: FragmentOptions): House {
	return fragment('us', options, {
		boxes: [
			before,
			{
				...middle,
				wiring: (cables) =>
					wired(
						cables,
						(cable, { role }) =>
							role === 'ground'
								? 'joint:ground'
								: cable.circuit === 'b'
									? `joint:passing-${role}`
									: `terminal:${role}${cable.id === 'c2' ? 'Upper' : 'Lower'}`,
						[groundTail]
					)
			},
			{ ...after, name: 'outlet of the second circuit' }
		],
		cables: [
			first,
			supply,
			{ id: 'c3', from: 'panel', to: here, circuit: 'b' },
			{ id: 'c4', from: here, to: 'after', circuit: 'b' }
		]
	});
}

const ringCables: readonly CablePlan[] = [first, supply, onward, { id: 'c4', from: 'panel', to: 'after' }];

/** Every arrangement that is to be known, by region. */
export const arrangements: readonly Arrangement[] = [
	us('endOfRun', (options) => fragment('us', options, { boxes: [before, middle], cables: [first, supply] })),
	us('middleThrough', (options) =>
		fragment('us', options, { boxes: [before, middle, after], cables: [first, supply, onward] })
	),
	us('middlePigtails', (options) =>
		fragment('us', options, {
			boxes: [before, { ...middle, wiring: pigtailed }, after],
			cables: [first, supply, onward]
		})
	),
	us('branch', (options) =>
		fragment('us', options, {
			boxes: [before, { ...middle, wiring: pigtailed }, after, after2],
			cables: [first, supply, onward, { id: 'c4', from: here, to: 'after2' }]
		})
	),
	us('halfSwitched', halfSwitched),
	us('twoCircuits', twoCircuits),
	us('sharedNeutralMiddle', sharedNeutralMiddle),
	us('throughGfci', (options) =>
		fragment('us', options, {
			boxes: [before, { ...middle, device: newGfci }, after],
			cables: [first, supply, onward]
		})
	),
	us('behindGfci', (options) =>
		fragment('us', options, {
			boxes: [{ ...before, device: newGfci }, middle, after],
			cables: [first, supply, onward]
		})
	),
	us('ungrounded', (options) =>
		fragment(
			'us',
			{ boxMaterial: 'metal', ...options },
			{
				boxes: [
					{ ...before, device: twoSlot },
					{ ...middle, device: twoSlot }
				],
				cables: [first, supply].map((cable) => ({ ...cable, without: ['ground'] }))
			}
		)
	),
	us('metalPath', (options) => {
		const inMetal = fragment(
			'us',
			{ boxMaterial: 'metal', ...options },
			{
				boxes: [
					{ ...before, wiring: onMetal },
					{ ...middle, wiring: onMetal }
				],
				cables: [first, supply].map((cable) => ({ ...cable, ...metal }))
			}
		);
		return { ...inMetal, boxes: inMetal.boxes.map((box) => ({ ...box, material: 'metal' })) };
	}),
	us('passingThrough', passingThrough),
	uk('radialEnd', (options) => fragment('uk', options, { boxes: [before, middle], cables: [first, supply] })),
	uk('radialMiddle', (options) =>
		fragment('uk', options, { boxes: [before, middle, after], cables: [first, supply, onward] })
	),
	uk('ring', (options) =>
		fragment('uk', options, { boxes: [before, middle, after], cables: ringCables, ring: true })
	),
	uk('spur', (options) =>
		fragment('uk', options, {
			boxes: [before, middle, after],
			cables: [
				first,
				{ id: 'c3', from: 'before', to: 'after' },
				{ id: 'c4', from: 'panel', to: 'after' },
				supply
			],
			ring: true
		})
	),
	uk('ringWithSpur', (options) =>
		fragment('uk', options, {
			boxes: [before, middle, after, { ...after2, name: 'socket on the spur' }],
			cables: [...ringCables, { id: 'c5', from: here, to: 'after2' }],
			ring: true
		})
	),
	uk('fusedSpur', (options) =>
		fragment('uk', options, {
			boxes: [before, { ...middle, device: fusedUnit }, after],
			cables: [first, supply, onward]
		})
	)
];

/** The arrangements of a region, in the order they are told of. */
export const arrangementsOf = (region: Region): readonly Arrangement[] =>
	arrangements.filter((each) => each.region === region);

/** A panel with its circuits, and a box with nothing in it. */
export const emptyBox = (region: Region): House =>
	fragment(region, {}, { boxes: [{ ...middle, device: null }], cables: [] });
