import { z } from 'zod';
import { at, colour, device, houseSchema, how, identifier, role } from '../house/schema';
import { conductorSizes } from '../rules';
import { pluggable } from './pluggable';

const half = z.enum(['upper', 'lower', 'left', 'right', 'only']);
const conductor = { cable: identifier, conductor: identifier };
const on = z.boolean();

/** One thing done at the bench. */
export const benchEventSchema = z.discriminatedUnion('kind', [
	z.strictObject({ kind: z.literal('land'), ...conductor, at, how: how.optional() }),
	z.strictObject({
		kind: z.literal('landTail'),
		tail: identifier,
		end: z.enum(['from', 'to']),
		at,
		how: how.optional()
	}),
	z.strictObject({ kind: z.literal('strip'), ...conductor, mm: z.number().min(0).max(100) }),
	z.strictObject({
		kind: z.literal('mark'),
		...conductor,
		tape: colour.nullable(),
		text: z.string().trim().max(24)
	}),
	/** `good`, `open`, or ohms. */
	z.strictObject({
		kind: z.literal('joint'),
		...conductor,
		state: z.union([z.enum(['good', 'open']), z.number().min(0.0001).max(1e9)])
	}),
	z.strictObject({ kind: z.literal('touch'), ...conductor, touches: z.boolean() }),
	z.strictObject({ kind: z.literal('makeTail'), tail: identifier, role, colour, from: at, to: at }),
	z.strictObject({ kind: z.literal('removeTail'), tail: identifier }),
	z.strictObject({ kind: z.literal('makeJoint'), joint: identifier, how }),
	z.strictObject({ kind: z.literal('removeJoint'), joint: identifier }),
	z.strictObject({ kind: z.literal('breakTab'), which: z.enum(['hot', 'neutral']) }),
	z.strictObject({ kind: z.literal('fit'), device }),
	z.strictObject({ kind: z.literal('takeOut') }),
	z.strictObject({ kind: z.literal('material'), material: z.enum(['metal', 'plastic']) }),
	z.strictObject({ kind: z.literal('turnSwitch'), half: half.nullable(), on }),
	z.strictObject({ kind: z.literal('breaker'), id: z.string().min(1).max(60), on }),
	z.strictObject({ kind: z.literal('residualDevice'), id: identifier, on }),
	z.strictObject({ kind: z.literal('plug'), box: identifier, half, what: z.enum(pluggable), id: identifier }),
	z.strictObject({ kind: z.literal('unplug'), id: identifier }),
	z.strictObject({ kind: z.literal('pressTest') }),
	z.strictObject({ kind: z.literal('reset') }),
	/** The button of a three-lamp tester in that half: a small current from hot to ground. */
	z.strictObject({ kind: z.literal('pressTester'), half }),
	z.strictObject({ kind: z.literal('mistake'), id: z.string().min(1).max(120) }),
	z.strictObject({
		kind: z.literal('addCable'),
		id: identifier,
		circuit: identifier,
		way: z.enum(['fromPanel', 'toOutlet']),
		secondHot: z.boolean(),
		grounded: z.boolean(),
		sheath: z.enum(['nonmetallic', 'twinAndEarth', 'armoured', 'conduit']),
		material: z.enum(['copper', 'aluminium']),
		size: z.enum(conductorSizes),
		palette: z.enum(['us', 'ukNew', 'ukOld']),
		lengthM: z.number().min(0.1).max(500)
	}),
	z.strictObject({ kind: z.literal('removeCable'), id: identifier })
]);
export type BenchEvent = z.infer<typeof benchEventSchema>;

export const benchFileVersion = 1;

/** As many events as one bench holds. */
export const mostBenchEvents = 2000;

/** A bench as one file: the house it began with, which box is on it, and what was done since; `done` of the events stand, the others were undone. */
export const benchFileSchema = z.strictObject({
	format: z.literal('wary-hand/bench'),
	version: z.literal(benchFileVersion),
	name: z.string().trim().min(1).max(80),
	house: houseSchema,
	box: identifier,
	events: z.array(benchEventSchema).max(mostBenchEvents),
	done: z.int().min(0).max(mostBenchEvents)
});
export type BenchFile = z.infer<typeof benchFileSchema>;

/** What a save brings: of the events that were saved before so many stay, then these come; `done` of all of them are done. The house never changes. */
export const benchSaveSchema = z.strictObject({
	name: benchFileSchema.shape.name,
	keep: z.int().min(0).max(mostBenchEvents),
	events: z.array(benchEventSchema).max(mostBenchEvents),
	done: z.int().min(0).max(mostBenchEvents)
});
export type BenchSave = z.infer<typeof benchSaveSchema>;
