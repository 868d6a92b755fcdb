import { z } from 'zod';
import { settlingTests, wiredWays } from '../arrangements';
import { colour, how } from '../house/schema';
import { searchSettingsSchema } from '../search';
import { freeText, nameText, text } from '../text';
import { conditions, confirmedSteps, protectionDecisions, stopReasons } from './vocabulary';

const short = freeText(500);
/** An id of something in the house, a pair, a point. */
const name = text().min(1).max(120);
const half = z.enum(['upper', 'lower', 'left', 'right', 'only']);
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
const stopReason = z.enum(stopReasons);

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

/** What a person says they saw, did or decided. The one place where commands are listed: the type, the server's check and the stored form follow from it. */
export const commandSchema = z.discriminatedUnion('kind', [
	z.strictObject({ kind: z.literal('confirm'), step: confirmed }),
	/** A rule asks for more at this place: what the person makes of it. */
	z.strictObject({ kind: z.literal('decideProtection'), decision: z.enum(protectionDecisions) }),
	z.strictObject({
		kind: z.literal('checkTools'),
		tester: z.enum(['multimeter', 'indicator', 'none']),
		has: z.array(name).max(30)
	}),
	z.strictObject({
		kind: z.literal('checkPart'),
		// A condition that an earlier procedure didn't ask for has no answer in its events.
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
	/** Power still on: the ground contact of a half, at which a contactless tester alarmed, to the known earth. */
	z.strictObject({ kind: z.literal('readGroundEarth'), half, reading: volts }),
	z.strictObject({ kind: z.literal('proveEarth'), source: name, reading: volts }),
	z.strictObject({ kind: z.literal('searchBy'), settings: searchSettingsSchema }),
	z.strictObject({ kind: z.literal('searched'), event: searchEvent }),
	z.strictObject({ kind: z.literal('arranged'), thing: name, how: nameText(500) }),
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
		seen: boxSeen.optional(),
		/** What the box is made of; left out: as recorded. */
		material: z.enum(['metal', 'plastic']).optional()
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
			Object.fromEntries(
				conditions.map((condition) => [
					condition,
					condition === 'shortButReaches' ? answer.optional() : answer
				])
			) as Record<(typeof conditions)[number], typeof answer>
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
	/** A move of the work: made, and where it is a joint, whether it held a tug. */
	z.strictObject({ kind: z.literal('move'), move: name, held: z.boolean() }),
	/** What the new part adds to the tests: as it should be, or not. */
	z.strictObject({ kind: z.literal('checkWork'), check: name, passes: z.boolean() }),
	z.strictObject({ kind: z.literal('supplyWay'), way: z.enum(['dead', 'live', 'skip']) }),
	/** Power on, ends capped and apart: a contactless tester along the insulation of one cable’s hot. */
	z.strictObject({ kind: z.literal('touchSupply'), cable: name, alarms: z.boolean() }),
	/** Wires off, before the new part: hot to neutral of one cable, or of the tails. */
	z.strictObject({ kind: z.literal('readBaseline'), group: name, value: ohms }),
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
	z.strictObject({ kind: z.literal('tidyDirectory'), label: nameText(80) }),
	z.strictObject({
		kind: z.literal('changed'),
		what: z.enum(['powerSeen', 'foundUnlocked', 'wasAway', 'otherBoxOpened'])
	}),
	z.strictObject({ kind: z.literal('note'), text: nameText(500) }),
	z.strictObject({ kind: z.literal('stop'), reason: stopReason, note: short }),
	z.strictObject({ kind: z.literal('finish') })
]);
