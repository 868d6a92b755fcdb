import { z } from 'zod';
import { chargerBoundsW, conductorSizes, editions, places, plateLabels } from '../rules';
import { freeText, nameText } from '../text';
import { breakerTypes, colours, matters, mostStretches, roles, ways } from './vocabulary';

export const identifier = z
	.string()
	.regex(/^[a-z0-9][a-zA-Z0-9-]{0,39}$/)
	.describe(
		'Short name, unique among its kind: letters, digits, hyphens; begins with a small letter or digit; at most 40.'
	);
const title = nameText(80);
const note = freeText(500);
const date = z.iso.date().describe('Calendar date, YYYY-MM-DD.');
export const role = z.enum(roles).describe('What the conductor is for, whatever its colour.');
export const colour = z.enum(colours).describe('What one sees. A hint, never a proof.');
export const how = z.enum(ways).describe('The way a conductor is held.');
const resistance = z
	.number()
	.min(0.0001)
	.max(1e9)
	.describe('Resistance of this one joint, Ω. Left out: a sound joint, 0.001 Ω.');

const joint = {
	resistanceOhm: resistance.optional(),
	open: z
		.literal(true)
		.optional()
		.describe('Looks joined, but carries nothing: insulation under the screw, a wire that has let go.')
};

const breaker = z.strictObject({
	id: identifier,
	spaces: z
		.array(z.int().min(1).max(84))
		.min(1)
		.max(2)
		.describe('The space or way it sits in; two for a two-pole breaker.'),
	tandem: z.enum(['a', 'b']).optional().describe('us: one of two thin breakers that share a space.'),
	type: z
		.enum(breakerTypes)
		.optional()
		.describe(
			'Left out: a plain breaker. `residual`: with its own residual-current part (us GFCI breaker, uk RCBO); `dualFunction`: that and arc faults.'
		),
	tripMa: z
		.number()
		.min(5)
		.max(500)
		.optional()
		.describe('Of its residual-current part; left out: 5 mA us, 30 mA uk.'),
	tiedWith: identifier
		.optional()
		.describe(
			'us: the breaker whose handle is tied to this one’s: they open together (NEC 210.4(B)). Said at either.'
		),
	ratingA: z.number().min(1).max(200),
	on: z.boolean(),
	label: freeText(80).describe('What the directory says about it; may be wrong; may be empty.'),
	findings: z
		.array(
			z.strictObject({
				finding: z.enum(['feeds', 'doesNotFeed']),
				box: identifier,
				on: date,
				how: note.describe('How that was found, in a few words.')
			})
		)
		.default([])
		.describe('What has been found by test, newest last.')
});

const panel = z.strictObject({
	id: identifier,
	name: title,
	place: title,
	spaces: z
		.int()
		.min(2)
		.max(84)
		.describe('us: odd numbers down the left, even down the right. uk: ways in a row from the main switch.'),
	mainRatingA: z.number().min(10).max(400),
	mainOn: z.boolean().default(true),
	fedFrom: z
		.strictObject({
			breaker: identifier,
			lengthM: z.number().min(0.1).max(500),
			size: z.enum(conductorSizes)
		})
		.optional()
		.describe(
			'A sub-panel: the breaker of another panel that feeds it, and its feeder. Neutral and ground are kept apart in it.'
		),
	breakers: z.array(breaker).max(84),
	residualDevices: z
		.array(
			z.strictObject({
				id: identifier,
				tripMa: z.number().min(5).max(500),
				ratingA: z.number().min(1).max(200),
				on: z.boolean().default(true),
				covers: z
					.array(identifier)
					.min(1)
					.describe('Breakers fed through it; their neutrals go to its own bar.')
			})
		)
		.default([])
});

const circuit = z.strictObject({
	id: identifier,
	name: title,
	breaker: identifier.describe(
		'The breaker its hot conductors start from. The neutral and the ground start from the bars that go with it.'
	),
	arrangement: z.enum(['radial', 'ring']).default('radial'),
	note: note.optional()
});

const cableEnd = z.union([z.strictObject({ panel: identifier }), z.strictObject({ box: identifier })]);
const cable = z.strictObject({
	id: identifier,
	circuit: identifier,
	from: cableEnd.describe(
		'The end nearer the panel as far as one knows; a ring begins and ends with `from` a panel.'
	),
	to: z.strictObject({ box: identifier }),
	lengthM: z.number().min(0.1).max(500),
	size: z.enum(conductorSizes),
	material: z.enum(['copper', 'aluminium']).default('copper'),
	sheath: z.enum(['nonmetallic', 'twinAndEarth', 'armoured', 'conduit']),
	conductors: z
		.array(
			z.strictObject({
				id: identifier,
				role,
				colour,
				size: z.enum(conductorSizes).optional(),
				circuit: identifier.optional()
			})
		)
		.min(1)
		.max(8)
		.describe(
			'In the order they lie side by side: each couples to the next by 75 pF/m. `size` and `circuit` where they differ from the cable’s: a second hot of another circuit shares this cable’s neutral.'
		),
	metal: z
		.strictObject({ resistanceOhm: z.number().min(0.001).max(1e6) })
		.optional()
		.describe(
			'The metal of armour or conduit as a path to ground: from end to end with its fittings, Ω. Left out: it joins nothing. A sound one is well under 1 Ω; rusty or loose fittings are ohms.'
		),
	landings: z
		.array(
			z.strictObject({
				conductor: identifier,
				on: z.enum(['hot', 'neutral', 'ground', 'nothing']).optional(),
				resistanceOhm: resistance.optional()
			})
		)
		.max(8)
		.optional()
		.describe(
			'Only for a cable from a panel, and only for conductors that aren’t landed there as their role asks: `hot` is the breaker, `neutral` and `ground` the bars that go with it.'
		),
	assumed: z
		.boolean()
		.optional()
		.describe('Not seen yet: put in so that the outlet has a place on its circuit.')
});

const ratedFor = {
	ratingA: z.number().min(1).max(63),
	tamperResistant: z.boolean().default(false),
	fitted: date.optional()
};
const contacts = z
	.enum(['good', 'worn'])
	.default('good')
	.describe('Worn contacts no longer hold a plug, and add resistance.');
const residualPart = {
	tripped: z.boolean().default(false),
	senses: z.boolean().default(true).describe('False: worn out; its contacts stay shut whatever flows.')
};
const switchesOff = {
	off: z
		.array(z.enum(['left', 'right', 'only']))
		.max(2)
		.optional()
		.describe('Halves whose own switch is off.')
};
const charger = {
	chargerW: z
		.number()
		.min(chargerBoundsW.least)
		.max(chargerBoundsW.most)
		.optional()
		.describe('Of one with USB: what its ports give together, as printed on it, W. Left out: not looked at.')
};
export const device = z.discriminatedUnion('kind', [
	z.strictObject({
		kind: z.literal('duplex'),
		...ratedFor,
		style: z.enum(['standard', 'decorator']).default('standard'),
		weatherResistant: z.boolean().default(false),
		tabs: z
			.strictObject({ hot: z.boolean(), neutral: z.boolean() })
			.default({ hot: true, neutral: true })
			.describe('The bridges between upper and lower half; false where broken off.'),
		contacts
	}),
	z.strictObject({ kind: z.literal('single'), ...ratedFor, contacts }),
	z
		.strictObject({ kind: z.literal('twoSlot'), ...ratedFor, contacts })
		.describe('us: two ungrounded halves, two slots each, no ground screw.'),
	z
		.strictObject({
			kind: z.literal('usb'),
			...ratedFor,
			style: z.enum(['standard', 'decorator']).default('decorator'),
			...charger,
			contacts
		})
		.describe('us: two grounded halves joined inside, and a charger across them.'),
	z
		.strictObject({
			kind: z.literal('gfci'),
			...ratedFor,
			weatherResistant: z.boolean().default(false),
			protection: z
				.enum(['groundFault', 'arcFault', 'dualFunction'])
				.default('groundFault')
				.describe('What it opens at. The arc part does nothing here: arcs are not modelled.'),
			make: z
				.enum(['current', 'old'])
				.default('current')
				.describe(
					'`current`: resets only with supply on its supply side, and its face is parted from its load side. `old`: neither.'
				),
			indicator: z.enum(['showsPower', 'showsTrip']).default('showsPower'),
			lineAt: z
				.enum(['top', 'bottom'])
				.optional()
				.describe('Where LINE is printed, the face upright, seen from the back. Left out: not looked at.'),
			usb: z.boolean().optional().describe('With a charger behind its face.'),
			...charger,
			...residualPart,
			tripMa: z.number().min(4).max(6).default(5).describe('Within 4 to 6 mA, UL 943 class A.'),
			contacts
		})
		.describe('us: supply side in, load side out to the boxes it protects.'),
	z
		.strictObject({
			kind: z.literal('switch'),
			ratingA: z.number().min(1).max(63),
			fitted: date.optional(),
			on: z.boolean().default(true)
		})
		.describe('A wall switch in the hot: to a switched half, or a light.'),
	z
		.strictObject({ kind: z.literal('blank') })
		.describe('A blank cover over the ends of cables, and nothing behind it yet.'),
	z.strictObject({
		kind: z.literal('socketSingle'),
		...ratedFor,
		switched: z.boolean().optional(),
		plate: z
			.literal('metal')
			.optional()
			.describe('A face of metal, joined to the earth terminal inside. Left out: it insulates.'),
		...switchesOff,
		contacts
	}),
	z.strictObject({
		kind: z.literal('socketTwin'),
		...ratedFor,
		switched: z.boolean().default(true),
		usb: z.boolean().optional().describe('With a charger.'),
		...charger,
		plate: z
			.literal('metal')
			.optional()
			.describe('A face of metal, joined to the earth terminal inside. Left out: it insulates.'),
		...switchesOff,
		contacts
	}),
	z
		.strictObject({
			kind: z.literal('socketRcd'),
			...ratedFor,
			switched: z.boolean().default(true),
			...switchesOff,
			...residualPart,
			tripMa: z.number().min(10).max(30).default(30),
			contacts
		})
		.describe('uk: a twin socket with its own residual-current device, which protects its face.'),
	z
		.strictObject({
			kind: z.literal('fusedSpur'),
			ratingA: z.number().min(1).max(63),
			fitted: date.optional(),
			fuseA: z.number().min(1).max(13),
			on: z.boolean().default(true),
			fuseBlown: z.boolean().default(false)
		})
		.describe('uk: a fused connection unit: supply side in, fused load side out.'),
	z.strictObject({
		kind: z.literal('fixed'),
		name: title,
		resistanceOhm: z.number().min(0.5).max(1e6),
		on: z.boolean().default(false),
		matters: z.enum(matters).optional()
	})
]);

export const at = z
	.string()
	.regex(/^(terminal:[a-zA-Z]+|joint:[a-z0-9][a-zA-Z0-9-]*|box|capped|bare)$/)
	.describe(
		'`terminal:NAME` of the device, `joint:ID` of the box, `box` (its metal), `capped`, or `bare` (ending free).'
	);

/** What a rule has to know of the place an outlet is at. Left out: nobody has said. */
export const standing = z.strictObject({
	kind: z.enum(places).optional().describe('Left out: taken from the room’s name, where that tells.'),
	nearWater: z
		.boolean()
		.optional()
		.describe(
			'us: within 6 ft (1.8 m) of a sink’s, bathtub’s or shower’s edge. uk: nearer to zone 1 of a bath or shower than is allowed.'
		),
	counter: z.boolean().optional().describe('In a kitchen: it serves a worktop.'),
	finished: z.boolean().optional().describe('In a basement: finished as a room to live in.'),
	damp: z.enum(['dry', 'damp', 'wet']).optional(),
	high: z
		.boolean()
		.optional()
		.describe('More than 5½ ft (1.7 m) above the floor, or part of a luminaire or appliance.'),
	reachable: z.boolean().optional().describe('One gets at it without moving anything.'),
	applianceSpace: z
		.boolean()
		.optional()
		.describe('In the space of an appliance that isn’t easily moved, and for it alone.'),
	groundCanBeBrought: z
		.boolean()
		.optional()
		.describe('us, without a ground: an electrician can bring one (NEC 250.130(C)).'),
	arcBreakerSold: z
		.boolean()
		.optional()
		.describe('us: a breaker for this panel that opens at arcs is to be had.'),
	arcReceptacleSold: z
		.boolean()
		.optional()
		.describe('us: a receptacle that opens at arcs, or at arcs and leaks, is to be had.')
});

export const box = z.strictObject({
	id: identifier,
	name: title.describe('Where in the room: “east wall”.'),
	room: identifier,
	use: z.enum(['outlet', 'light', 'fixed', 'junction']).default('outlet'),
	inBoxWith: identifier
		.optional()
		.describe(
			'The first device of the same box, where several sit side by side (two-gang and wider). Wires from one to the next are cables of some centimetres between them.'
		),
	place: standing.optional(),
	material: z.enum(['metal', 'plastic']),
	volumeIn3: z.number().min(1).max(200).optional(),
	depthMm: z.number().min(5).max(200).optional(),
	device: device.optional(),
	joints: z
		.array(z.strictObject({ id: identifier, how }))
		.max(12)
		.default([]),
	terminations: z
		.array(
			z.strictObject({
				cable: identifier,
				conductor: identifier,
				at,
				how: how.optional(),
				...joint,
				touches: z.literal('box').optional().describe('Bare metal of it lies against the metal box.'),
				strippedMm: z.number().min(0).max(100).optional().describe('Insulation taken off at this end.'),
				mark: nameText(24).optional().describe('What is written on the tape round it.'),
				tape: colour.optional().describe('Colour of tape or sleeving round it: what it was marked as.')
			})
		)
		.describe('Every conductor of every cable in this box, once.'),
	pigtails: z
		.array(z.strictObject({ id: identifier, role, colour, from: at, to: at, how: how.optional(), ...joint }))
		.max(12)
		.default([])
		.describe(
			'Short conductors inside the box: from a joint or a terminal, to a terminal or the metal of the box. `how` and `resistanceOhm` are those of the `to` end.'
		),
	supply: z
		.strictObject({
			cables: z.array(identifier).min(1).max(2),
			by: z.enum(['resistance', 'voltage', 'device']),
			on: date,
			readings: z
				.array(
					z.strictObject({
						cable: identifier,
						isSupply: z.boolean(),
						resistanceOhm: z
							.number()
							.min(0)
							.nullable()
							.optional()
							.describe('Neutral to ground, Ω; null: open.'),
						hotNeutralV: z.number().min(0).max(1000).optional()
					})
				)
				.max(8)
		})
		.optional()
		.describe(
			'Which cable feeds the box (two on a ring), as found by test, with its readings. Left out: as the cables’ `from` and `to` say, not tested.'
		),
	labels: z
		.array(z.enum(plateLabels))
		.max(2)
		.optional()
		.describe('What its plate says: no equipment ground, GFCI protected.'),
	worries: z
		.array(
			z.strictObject({
				id: identifier,
				kind: z.enum(['wornContacts', 'looseFaceplate', 'warmPlate', 'crackedFace', 'scorch', 'other']),
				note,
				seen: date
			})
		)
		.default([]),
	history: z.array(z.strictObject({ on: date, what: note })).default([])
});

const electrode = z.number().min(0.1).max(20_000);
/** How a uk supply is earthed (BS 7671 part 2 and 312.2). */
export const earthing = z.discriminatedUnion('system', [
	z
		.strictObject({ system: z.literal('tnCS') })
		.describe('Combined neutral and earth, joined at the cut-out.'),
	z
		.strictObject({ system: z.literal('tnS'), returnOhm: z.number().min(0.01).max(20).optional() })
		.describe('The sheath of the supply cable is the earth, joined to neutral at the transformer.'),
	z
		.strictObject({
			system: z.literal('tt'),
			electrodeOhm: electrode.optional(),
			supplyElectrodeOhm: electrode.optional()
		})
		.describe('The house has an electrode of its own; its earth meets the neutral only through the soil.')
]);

const minuteOfDay = z.number().int().min(0).max(1439);
/** When something runs, if it runs at all. */
export const hoursOfDay = z
	.strictObject({ fromMin: minuteOfDay, toMin: minuteOfDay })
	.refine(({ fromMin, toMin }) => fromMin !== toMin, { error: 'It begins and ends at the same minute.' })
	.describe('Minutes after midnight between which it runs; past midnight where the second is the smaller.');
export type HoursOfDay = Readonly<z.infer<typeof hoursOfDay>>;

/** A house's wiring as one file. The root of `house-file.schema.json`. */
export const houseSchema = z.strictObject({
	format: z.literal('wary-hand/house'),
	version: z.literal(1),
	name: title,
	region: z.enum(['us', 'uk']),
	edition: z
		.enum(editions)
		.optional()
		.describe('Of the code book that is in force here. Left out: `2020` (us), `2018A2` (uk).'),
	built: z.int().min(1700).max(2200).optional(),
	note: note.optional(),
	service: z.strictObject({
		voltageV: z.number().min(90).max(300).describe('Hot to neutral, without load.'),
		impedanceOhm: z
			.number()
			.min(0.01)
			.max(5)
			.describe('Of each supply conductor up to the panel; 0.05 to 0.3 is usual.'),
		earthing: earthing
			.optional()
			.describe(
				'uk: where the supply’s neutral and the house’s earth meet. Left out: `tnCS`. A us home has no such field: it is bonded at the service panel.'
			)
	}),
	rooms: z.array(z.strictObject({ id: identifier, name: title })).max(200),
	panels: z.array(panel).min(1).max(8).describe('The main panel first, then the sub-panels fed from it.'),
	circuits: z.array(circuit).max(200),
	boxes: z.array(box).max(1000),
	cables: z.array(cable).max(2000),
	loads: z
		.array(
			z.strictObject({
				id: identifier,
				name: title,
				box: identifier,
				half: z.enum(['upper', 'lower', 'left', 'right', 'only']),
				resistanceOhm: z.number().min(0.5).max(1e7),
				on: z.boolean(),
				matters: z.enum(matters).optional(),
				ratedW: z
					.number()
					.min(0.1)
					.max(10_000)
					.optional()
					.describe('As its label says, W. Left out: nobody has looked.'),
				continuous: z.boolean().optional().describe('On for three hours and more at a time.'),
				hours: z
					.union([hoursOfDay, z.array(hoursOfDay).min(1).max(mostStretches)])
					.optional()
					.describe('When it runs: once a day, or several times. Left out: at any time.')
			})
		)
		.max(1000)
		.default([])
		.describe('What is plugged in.')
});

export type House = z.infer<typeof houseSchema>;
export type Earthing = z.infer<typeof earthing>;
export type Panel = House['panels'][number];
export type Breaker = Panel['breakers'][number];
export type Circuit = House['circuits'][number];
export type Cable = House['cables'][number];
export type Conductor = Cable['conductors'][number];
export type Box = House['boxes'][number];
export type Device = NonNullable<Box['device']>;
export type Load = House['loads'][number];
export type Standing = z.infer<typeof standing>;
export type { BreakerType, Colour, How, Matters, Role } from './vocabulary';
export type Half = Load['half'];
export type WorryKind = Box['worries'][number]['kind'];
