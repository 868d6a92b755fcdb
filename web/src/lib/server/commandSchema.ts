import { z } from 'zod';
import { conditions, confirmedSteps, namedReasons, type Command } from '@wary/core/job';
import { settlingTests, wiredWays } from '@wary/core/arrangements';
import { settingsSchema } from '../settings';

const short = z.string().trim().max(500);
const name = z.string().min(1).max(120);
const half = z.enum(['upper', 'lower', 'left', 'right', 'only']);
const colour = z.enum([
	'black',
	'white',
	'grey',
	'red',
	'blue',
	'brown',
	'yellow',
	'green',
	'greenYellow',
	'bare'
]);
const how = z.enum(['hook', 'clampPlate', 'pushIn', 'pillar', 'twistOn', 'lever', 'crimp', 'screw']);
const volts = z.discriminatedUnion('instrument', [
	z.strictObject({
		instrument: z.literal('multimeter'),
		volts: z.number(),
		mode: z.enum(['highImpedance', 'lowImpedance', 'lampAcross'])
	}),
	z.strictObject({
		instrument: z.literal('indicator'),
		litV: z.union([z.literal(0), z.literal(12), z.literal(24), z.literal(50), z.literal(120), z.literal(230)])
	}),
	z.strictObject({ instrument: z.enum(['lamp', 'plugTester']), lit: z.boolean() })
]);
const searchEvent = z.discriminatedUnion('kind', [
	z.strictObject({
		kind: z.literal('answer'),
		off: z.array(name).min(1).max(200),
		answer: z.enum(['dark', 'on', 'unsure']),
		by: z.enum(['lamp', 'radio', 'helper'])
	}),
	z.strictObject({ kind: z.literal('signal'), strongest: name.nullable() })
]);
const ohms = z.discriminatedUnion('kind', [
	z.strictObject({ kind: z.literal('ohms'), resistanceOhm: z.number() }),
	z.strictObject({ kind: z.literal('overload') })
]);
const lamps = z.strictObject({ hotNeutral: z.boolean(), hotGround: z.boolean(), neutralGround: z.boolean() });
const answer = z.enum(['no', 'yes', 'unsure']);
const confirmed = z.enum(confirmedSteps);
const stopReason = z.enum([
	...conditions,
	...namedReasons.us,
	...namedReasons.uk,
	'notAsRecorded',
	'foundOnDevice',
	'noArrangement',
	'unsure',
	'deadBefore',
	'noTester',
	'ownChoice'
]);

const boxSeen = z.strictObject({
	region: z.enum(['us', 'uk']),
	cables: z.array(z.array(colour).max(8)).max(12),
	device: z.enum([
		'duplex',
		'single',
		'twoSlot',
		'usb',
		'gfci',
		'switch',
		'socketSingle',
		'socketTwin',
		'socketRcd',
		'fusedSpur',
		'fixed',
		'none'
	]),
	hotTabBroken: z.boolean().nullable(),
	wired: z.enum(wiredWays),
	metalSheath: z.boolean(),
	measured: z
		.array(z.strictObject({ test: z.enum(settlingTests), shows: name }))
		.max(8)
		.optional()
});

const command: z.ZodType<Command> = z.discriminatedUnion('kind', [
	z.strictObject({ kind: z.literal('confirm'), step: confirmed }),
	z.strictObject({
		kind: z.literal('checkTools'),
		tester: z.enum(['multimeter', 'indicator', 'none']),
		has: z.array(name).max(30)
	}),
	z.strictObject({
		kind: z.literal('checkPart'),
		answers: z.strictObject({
			ratingA: z.number().min(0).max(100),
			tamperResistant: z.boolean(),
			sameKind: z.boolean(),
			grounded: z.boolean(),
			undamaged: z.boolean()
		})
	}),
	z.strictObject({ kind: z.literal('readLive'), half, reading: volts }),
	z.strictObject({
		kind: z.literal('readLiveGround'),
		half,
		reading: volts,
		touchless: z.enum(['silent', 'alarms', 'none'])
	}),
	z.strictObject({ kind: z.literal('proveEarth'), source: name, reading: volts }),
	z.strictObject({ kind: z.literal('searchBy'), settings: settingsSchema.shape.search }),
	z.strictObject({ kind: z.literal('searched'), event: searchEvent }),
	z.strictObject({ kind: z.literal('arranged'), thing: name, how: z.string().trim().min(1).max(500) }),
	z.strictObject({ kind: z.literal('switchBreaker'), breaker: name, on: z.boolean() }),
	z.strictObject({ kind: z.literal('hold'), way: z.enum(['padlock', 'clip', 'tape', 'watch']) }),
	z.strictObject({
		kind: z.literal('proveTester'),
		when: z.enum(['before', 'after']),
		source: name,
		reading: volts
	}),
	z.strictObject({ kind: z.literal('readPair'), pair: name, reading: volts }),
	z.strictObject({ kind: z.literal('amendVolts'), of: z.uuid(), reading: volts }),
	z.strictObject({
		kind: z.literal('lookOver'),
		asRecorded: z.boolean(),
		landings: z
			.array(
				z.strictObject({ terminal: name, wires: z.array(z.strictObject({ id: name, colour, how })).max(12) })
			)
			.max(12),
		note: short,
		seen: boxSeen.optional()
	}),
	z.strictObject({
		kind: z.literal('foundConductor'),
		id: z.string().regex(/^[a-z0-9-]{1,40}$/),
		colour,
		where: z.enum(['passing', 'onDevice'])
	}),
	z.strictObject({
		kind: z.literal('inspect'),
		answers: z.strictObject(
			Object.fromEntries(conditions.map((condition) => [condition, answer])) as Record<
				(typeof conditions)[number],
				typeof answer
			>
		),
		where: z.partialRecord(z.enum(conditions), z.array(name).max(20)).optional(),
		note: short
	}),
	z.strictObject({
		kind: z.literal('autopsy'),
		autopsy: z.strictObject({
			looks: z.enum(['sound', 'discoloured', 'scorched', 'cracked']),
			grip: z.enum(['firm', 'weak', 'none']),
			hotNeutral: ohms,
			hotGround: ohms.nullable(),
			through: ohms
		})
	}),
	z.strictObject({ kind: z.literal('takeOff'), terminal: name }),
	z.strictObject({ kind: z.literal('terminate'), from: name, terminal: name, way: how }),
	z.strictObject({ kind: z.literal('tug'), terminal: name, held: z.boolean() }),
	z.strictObject({ kind: z.literal('supplyWay'), way: z.enum(['dead', 'live', 'skip']) }),
	z.strictObject({ kind: z.literal('readSupplyOhms'), cable: name, value: ohms }),
	z.strictObject({ kind: z.literal('readSupplyVolts'), cable: name, hotNeutral: volts, hotGround: volts }),
	z.strictObject({ kind: z.literal('cap') }),
	z.strictObject({ kind: z.literal('reopen') }),
	z.strictObject({
		kind: z.literal('readOhms'),
		check: z.enum(['hotNeutral', 'hotGround', 'groundBox']),
		value: ohms
	}),
	z.strictObject({ kind: z.literal('restorePower'), held: z.boolean() }),
	z.strictObject({ kind: z.literal('readPlug'), half, lamps, volts: volts.optional() }),
	z.strictObject({ kind: z.literal('readOutlet'), half, hotNeutral: volts, neutralEarth: volts }),
	z.strictObject({ kind: z.literal('checkNeighbour'), box: name, works: z.boolean() }),
	z.strictObject({ kind: z.literal('grip'), half, holds: z.boolean() }),
	z.strictObject({ kind: z.literal('tidyDirectory'), label: z.string().trim().min(1).max(80) }),
	z.strictObject({
		kind: z.literal('changed'),
		what: z.enum(['powerSeen', 'foundUnlocked', 'wasAway', 'otherBoxOpened'])
	}),
	z.strictObject({ kind: z.literal('note'), text: z.string().trim().min(1).max(500) }),
	z.strictObject({ kind: z.literal('stop'), reason: stopReason, note: short }),
	z.strictObject({ kind: z.literal('finish') })
]);

/** An append: the event's own id and time, made on the device, and how many events the device has seen. */
export const appendSchema = z.strictObject({
	id: z.uuid(),
	at: z.iso.datetime({ offset: true }),
	expectedVersion: z.int().min(0).max(100_000),
	command
});

export const startSchema = z.strictObject({
	id: z.uuid(),
	boxId: name,
	school: z.enum(['groundFirst', 'hotFirst', 'asItCameOff']).default('groundFirst'),
	who: z.string().trim().min(1).max(80)
});

/** A reading asked of the simulated instruments. */
export const instrumentSchema = z.discriminatedUnion('what', [
	z.strictObject({ what: z.literal('live'), half, instrument: z.enum(['multimeter', 'indicator', 'lamp']) }),
	z.strictObject({ what: z.literal('liveGround'), half, instrument: z.enum(['plugTester', 'indicator']) }),
	z.strictObject({ what: z.literal('touchless'), half }),
	z.strictObject({ what: z.literal('neutralEarth'), half, instrument: z.enum(['multimeter', 'indicator']) }),
	z.strictObject({ what: z.literal('earth'), source: name, instrument: z.enum(['plugTester', 'indicator']) }),
	z.strictObject({
		what: z.literal('search'),
		off: z.array(name).max(200),
		by: z.enum(['lamp', 'radio', 'helper'])
	}),
	z.strictObject({ what: z.literal('sweep') }),
	z.strictObject({
		what: z.literal('source'),
		source: name,
		instrument: z.enum(['multimeter', 'indicator'])
	}),
	z.strictObject({
		what: z.literal('pair'),
		pair: name,
		instrument: z.enum(['multimeter', 'indicator']),
		mode: z.enum(['highImpedance', 'lowImpedance', 'lampAcross'])
	}),
	z.strictObject({ what: z.literal('ohms'), check: z.enum(['hotNeutral', 'hotGround', 'groundBox']) }),
	z.strictObject({ what: z.literal('supplyOhms'), cable: name }),
	z.strictObject({
		what: z.literal('supplyVolts'),
		cable: name,
		to: z.enum(['neutral', 'ground']),
		instrument: z.enum(['multimeter', 'indicator'])
	}),
	z.strictObject({ what: z.literal('plug'), half }),
	z.strictObject({ what: z.literal('neighbour'), box: name }),
	z.strictObject({ what: z.literal('breaker') })
]);
export type InstrumentRequest = z.infer<typeof instrumentSchema>;
