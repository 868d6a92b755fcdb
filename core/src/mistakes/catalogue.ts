import {
	tabsOf,
	withTabs,
	hasSides,
	circuitsOfCable,
	findBox,
	standardWiring,
	withBox,
	type Box,
	type Cable,
	type House
} from '../house';
import {
	conductorOf,
	exchanged,
	farEnd,
	nearEnd,
	onwardFrom,
	relanded,
	supplyOf,
	usedTerminal,
	usedTerminals,
	worsened,
	type CableEnd,
	type WireRole
} from './ends';

export const mistakeKinds = [
	'open',
	'loose',
	'insulationUnderScrew',
	'swapped',
	'neutralGroundJoined',
	'joinedBehindSwapped',
	'sidesReversed',
	'hotsReversed',
	'neutralsReversed',
	'neutralOnSupplySide',
	'neutralTouchesGround',
	'tabKept',
	'tabBroken',
	'switchedExchanged',
	'sharedNeutralOpen',
	'wrongBreaker',
	'fedTwice',
	'ringLegOpen',
	'ringCrossConnected',
	'spurFromSpur',
	'boxNotEarthed',
	'hotTouchesBox'
] as const;
export type MistakeKind = (typeof mistakeKinds)[number];

/** A change to the wiring round a box, from which everything that is seen follows. */
export interface Mistake {
	/** Names it within its house: kind, what, where. */
	readonly id: string;
	readonly kind: MistakeKind;
	readonly roles: readonly WireRole[];
	/** `here`: at the device in the box; `upstream`: at the other end of its supply cable; `downstream`: in the next box. */
	readonly where: 'here' | 'upstream' | 'downstream';
	/** The house with the mistake made; `null` where it can't be (another mistake has taken its place). */
	readonly apply: (house: House) => House | null;
}

/** Ohms of what is poor but conducts. */
export interface MistakeSizes {
	readonly looseOhm: number;
	readonly insulationOhm: number;
}
export const usualSizes: MistakeSizes = { looseOhm: 1, insulationOhm: 50 };

const wireRoles = ['hot', 'neutral', 'ground'] as const;
const swaps = [
	['hot', 'neutral'],
	['hot', 'ground'],
	['neutral', 'ground']
] as const;

/** Every single mistake that the wiring round a box admits. */
export function mistakesOf(house: House, boxId: string, sizes: MistakeSizes = usualSizes): Mistake[] {
	const box = findBox(house, boxId);
	const supply = supplyOf(house, boxId);
	if (!box || !supply) return [];
	return [
		...joints(supply, sizes),
		...exchanges(boxId, supply),
		...ofDevice(box),
		...ofSides(house, box),
		...ofCircuit(house, box, supply),
		...ofRing(house, box),
		...ofMetal(box)
	].filter(({ apply }) => apply(house) !== null);
}

/** Two mistakes at once, as one; the ones that can't be made together are left out. */
export function pairsOf(house: House, singles: readonly Mistake[]): readonly (readonly [Mistake, Mistake])[] {
	return singles.flatMap((one, k) =>
		singles
			.slice(k + 1)
			.flatMap((other): [Mistake, Mistake][] => (applyAll(house, [one, other]) ? [[one, other]] : []))
	);
}

/** The house with the mistakes made one after another; `null` where one can't be. */
export const applyAll = (house: House, mistakes: readonly Mistake[]): House | null =>
	mistakes.reduce<House | null>((made, { apply }) => made && apply(made), house);

const mistake = (
	kind: MistakeKind,
	where: Mistake['where'],
	roles: readonly WireRole[],
	apply: Mistake['apply'],
	more = ''
): Mistake => ({
	id: [kind, ...roles, where, ...(more ? [more] : [])].join('.'),
	kind,
	where,
	roles,
	apply
});

/** Joints of the supply cable's conductors, at both its ends. */
function joints(supply: Cable, { looseOhm, insulationOhm }: MistakeSizes): Mistake[] {
	const ends = [
		['here', farEnd(supply)],
		['upstream', nearEnd(supply)]
	] as const;
	const at = (end: CableEnd, role: WireRole, joint: Parameters<typeof worsened>[3]): Mistake['apply'] => {
		return (house) => {
			const conductor = conductorOf(end.cable, role);
			const cable = house.cables.find(({ id }) => id === end.cable.id);
			return conductor === undefined || !cable ? null : worsened(house, { ...end, cable }, conductor, joint);
		};
	};
	return [
		...ends.flatMap(([where, end]) =>
			wireRoles.map((role) => mistake('open', where, [role], at(end, role, { open: true })))
		),
		...ends.flatMap(([where, end]) =>
			wireRoles.map((role) => mistake('loose', where, [role], at(end, role, { resistanceOhm: looseOhm })))
		),
		...(['hot', 'neutral'] as const).map((role) =>
			mistake('insulationUnderScrew', 'here', [role], at(ends[0][1], role, { resistanceOhm: insulationOhm }))
		)
	];
}

/** What belongs on one kind of terminal put on another: at this device, or in the supply cable before it. */
function exchanges(boxId: string, supply: Cable): Mistake[] {
	return swaps.flatMap(([one, other]) => [
		mistake('swapped', 'here', [one, other], (house) => onTerminals(house, boxId, one, other)),
		mistake('swapped', 'upstream', [one, other], (house) => {
			const cable = house.cables.find(({ id }) => id === supply.id);
			return cable ? exchanged(house, nearEnd(cable), one, other) : null;
		})
	]);
}

function onTerminals(house: House, boxId: string, one: WireRole, other: WireRole): House | null {
	const box = findBox(house, boxId)!;
	const ground = usedTerminal(box, 'ground');
	if (other === 'ground') {
		const terminal = usedTerminal(box, one);
		if (ground === undefined || terminal === undefined) return null;
		return relanded(house, boxId, (name) => (name === terminal ? ground : name === ground ? terminal : name));
	}
	const name = (role: WireRole) => usedTerminals(box).some((each) => new RegExp(role, 'i').test(each));
	if (!name('hot') || !name('neutral')) return null;
	return relanded(house, boxId, (each) =>
		/hot/i.test(each)
			? each.replace('hot', 'neutral').replace('Hot', 'Neutral')
			: each.replace('neutral', 'hot').replace('Neutral', 'Hot')
	);
}

function ofDevice(box: Box): Mistake[] {
	const { device } = box;
	const join: Mistake['apply'] = (house) => joined(house, box.id);
	const found: Mistake[] = [
		mistake('neutralGroundJoined', 'here', ['neutral', 'ground'], join),
		mistake('joinedBehindSwapped', 'here', ['hot', 'neutral', 'ground'], (house) => {
			const supply = supplyOf(house, box.id);
			const behind = supply && exchanged(house, nearEnd(supply), 'hot', 'neutral');
			// The joint alone is the ground then: the cable's own would be on a hot.
			const conductor = supply && conductorOf(supply, 'ground');
			const apart =
				behind &&
				(conductor === undefined ? behind : worsened(behind, farEnd(supply!), conductor, { open: true }));
			return apart ? joined(apart, box.id) : null;
		})
	];
	const tabs = tabsOf(device);
	if (tabs) {
		const tab = (which: 'hot' | 'neutral', kept: boolean): Mistake['apply'] => {
			return (house) =>
				withBox(house, box.id, (each) =>
					each.device ? { ...each, device: withTabs(each.device, { [which]: kept }) } : each
				);
		};
		for (const which of ['hot', 'neutral'] as const)
			found.push(
				tabs[which]
					? mistake('tabBroken', 'here', [which], tab(which, false))
					: mistake('tabKept', 'here', [which], tab(which, true))
			);
		if (!tabs.hot)
			found.push(
				mistake('switchedExchanged', 'here', ['hot'], (house) =>
					relanded(house, box.id, (name) =>
						name === 'hotUpper' ? 'hotLower' : name === 'hotLower' ? 'hotUpper' : name
					)
				)
			);
	}
	return found;
}

/** A short wire from the neutral to the ground terminal of the device. */
function joined(house: House, boxId: string): House | null {
	const box = findBox(house, boxId)!;
	const neutral = usedTerminal(box, 'neutral');
	const ground = usedTerminal(box, 'ground');
	if (neutral === undefined || ground === undefined || box.pigtails.some(({ id }) => id === 'falseGround'))
		return null;
	return withBox(house, boxId, (each) => ({
		...each,
		pigtails: [
			...each.pigtails,
			{
				id: 'falseGround',
				role: 'neutral',
				colour: 'white',
				from: `terminal:${neutral}`,
				to: `terminal:${ground}`,
				how: 'hook'
			}
		]
	}));
}

const otherSide = (name: string): string =>
	name.startsWith('supply') ? name.replace('supply', 'load') : name.replace('load', 'supply');

/** Of the residual device here, or the one before: sides exchanged, or a neutral led past it. */
function ofSides(house: House, box: Box): Mistake[] {
	const sided = (each: Box | undefined) => each?.device !== undefined && hasSides(each.device);
	const supply = supplyOf(house, box.id);
	const upstream = supply && 'box' in supply.from ? findBox(house, supply.from.box) : undefined;
	return (
		[
			[box, 'here'],
			[upstream, 'upstream']
		] as const
	).flatMap(([at, where]): Mistake[] => {
		if (!at || !sided(at)) return [];
		const reversed = (only?: 'Hot' | 'Neutral'): Mistake['apply'] => {
			return (now) =>
				relanded(now, at.id, (name) => (only === undefined || name.endsWith(only) ? otherSide(name) : name));
		};
		const next = onwardFrom(house, at.id)?.to.box;
		return [
			mistake('sidesReversed', where, [], reversed()),
			mistake('hotsReversed', where, ['hot'], reversed('Hot')),
			mistake('neutralsReversed', where, ['neutral'], reversed('Neutral')),
			mistake('neutralOnSupplySide', where, ['neutral'], (now) =>
				relanded(now, at.id, (name) => (name === 'loadNeutral' ? 'supplyNeutral' : name))
			),
			...(next === undefined
				? []
				: [
						mistake(
							'neutralTouchesGround',
							where === 'here' ? ('downstream' as const) : ('here' as const),
							['neutral', 'ground'],
							(now) => joined(now, next)
						)
					])
		];
	});
}

function ofCircuit(house: House, box: Box, supply: Cable): Mistake[] {
	const others = house.circuits.filter(({ id }) => !circuitsOfCable(supply).includes(id));
	const found: Mistake[] = [];
	if (circuitsOfCable(supply).length > 1)
		found.push(
			mistake('sharedNeutralOpen', 'upstream', ['neutral'], (now) => {
				const cable = now.cables.find(({ id }) => id === supply.id)!;
				return worsened(now, nearEnd(cable), conductorOf(cable, 'neutral')!, { open: true });
			})
		);
	const other = others[0];
	if (!other) return found;
	found.push(
		mistake('wrongBreaker', 'upstream', ['hot'], (now) => ({
			...now,
			circuits: now.circuits.map((each) =>
				each.id === supply.circuit ? { ...each, breaker: other.breaker } : each
			)
		}))
	);
	const upstream = nearEnd(supply).box;
	const next = onwardFrom(house, box.id)?.to.box;
	const targets: [string, Mistake['where'], WireRole][] = [
		...(upstream === 'panel'
			? []
			: ([
					[upstream, 'upstream', 'hot'],
					[upstream, 'upstream', 'neutral']
				] as [string, Mistake['where'], WireRole][])),
		...(next === undefined
			? []
			: ([
					[next, 'downstream', 'hot'],
					[next, 'downstream', 'ground']
				] as [string, Mistake['where'], WireRole][]))
	];
	return [
		...found,
		...targets.map(([at, where, role]) =>
			mistake('fedTwice', where, [role], (now) => fedTwice(now, at, role, other.id))
		)
	];
}

/** A cable of another circuit ends in a box too, its hot joined to what is there of a role. */
function fedTwice(house: House, boxId: string, role: WireRole, circuit: string): House | null {
	const box = findBox(house, boxId)!;
	const model = house.cables.find(({ from }) => 'panel' in from);
	const target = box.terminations.find(({ cable, conductor, at }) => {
		const found = house.cables.find(({ id }) => id === cable)?.conductors.find(({ id }) => id === conductor);
		return found?.role === role && /^(joint|terminal):/.test(at);
	});
	if (!model || !target || house.cables.some(({ id }) => id === 'stray')) return null;
	const { metal: _none, landings: _neither, ...like } = model;
	const stray: Cable = {
		...like,
		id: 'stray',
		circuit,
		to: { box: boxId },
		conductors: model.conductors.filter(({ id }) => id !== 'red')
	};
	return {
		...withBox(house, boxId, (each) => ({
			...each,
			terminations: [
				...each.terminations,
				...stray.conductors.map(({ id, role: own }) => ({
					cable: 'stray',
					conductor: id,
					at: own === 'hot' ? target.at : 'capped'
				}))
			]
		})),
		cables: [...house.cables, stray]
	};
}

function ofRing(house: House, box: Box): Mistake[] {
	const supply = supplyOf(house, box.id)!;
	const circuit = house.circuits.find(({ id }) => id === supply.circuit);
	if (circuit?.arrangement !== 'ring') return [];
	const legs = house.cables.filter((cable) => 'panel' in cable.from && cable.circuit === circuit.id);
	const leg = legs.at(-1)!;
	const spur =
		house.cables.filter(({ from, circuit: own }) => own === circuit.id && 'box' in from).length > 0;
	const found = wireRoles.map((role) =>
		mistake('ringLegOpen', 'downstream', [role], (now) => {
			const cable = now.cables.find(({ id }) => id === leg.id)!;
			return worsened(now, nearEnd(cable), conductorOf(cable, role)!, { open: true });
		})
	);
	const other = house.circuits.find(({ id }) => id !== circuit.id);
	if (other)
		found.push(
			mistake('ringCrossConnected', 'downstream', ['hot'], (now) => ({
				...now,
				cables: now.cables.map((cable) =>
					cable.id === leg.id
						? {
								...cable,
								conductors: cable.conductors.map((each) =>
									each.role === 'hot' ? { ...each, circuit: other.id } : each
								)
							}
						: cable
				)
			}))
		);
	if (spur) found.push(mistake('spurFromSpur', 'downstream', [], (now) => spurFromSpur(now, box.id)));
	return found;
}

/** Another socket hung on one that is on a spur itself. */
function spurFromSpur(house: House, boxId: string): House | null {
	const ends = (id: string) =>
		house.cables.filter(({ from, to }) => to.box === id || ('box' in from && from.box === id));
	const onSpur = (id: string) => ends(id).length === 1 && 'box' in ends(id)[0]!.from;
	const at = [boxId, ...house.boxes.map(({ id }) => id)].find(onSpur);
	const host = at === undefined ? undefined : findBox(house, at);
	if (!host || house.boxes.some(({ id }) => id === 'further')) return null;
	const cable: Cable = {
		...ends(host.id)[0]!,
		id: 'furtherSpur',
		from: { box: host.id },
		to: { box: 'further' }
	};
	const further: Box = {
		...host,
		id: 'further',
		name: 'socket hung on the spur',
		joints: [],
		terminations: [],
		pigtails: []
	};
	const landings = cable.conductors.map(({ id, role }) => ({
		cable: cable.id,
		conductor: id,
		at: `terminal:${role === 'ground' ? 'groundB' : role}`,
		how: 'pillar' as const
	}));
	return {
		...house,
		cables: [...house.cables, cable],
		boxes: [
			...house.boxes.map((each) =>
				each.id === host.id ? { ...each, terminations: [...each.terminations, ...landings] } : each
			),
			{ ...further, ...standardWiring(house.region, further, [cable]) }
		]
	};
}

function ofMetal(box: Box): Mistake[] {
	if (box.material !== 'metal') return [];
	return [
		...(box.pigtails.some(({ from, to }) => from === 'box' || to === 'box')
			? [
					mistake('boxNotEarthed', 'here', ['ground'], (house) =>
						withBox(house, box.id, (each) => ({
							...each,
							pigtails: each.pigtails.filter(({ from, to }) => from !== 'box' && to !== 'box')
						}))
					)
				]
			: []),
		mistake('hotTouchesBox', 'here', ['hot'], (house) => {
			const supply = supplyOf(house, box.id)!;
			const conductor = conductorOf(supply, 'hot');
			return withBox(house, box.id, (each) => ({
				...each,
				terminations: each.terminations.map((end) =>
					end.cable === supply.id && end.conductor === conductor ? { ...end, touches: 'box' as const } : end
				)
			}));
		})
	];
}
