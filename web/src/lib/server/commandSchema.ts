import { z } from 'zod';
import {
	commandSchema,
	loadFromW,
	loadToW,
	resistanceChecks,
	terminatingSchools,
	wishedSchema,
	wishSchema
} from '@wary/core/job';
import { nameText, text } from '@wary/core/text';

const name = text().min(1).max(120);
const half = z.enum(['upper', 'lower', 'left', 'right', 'only']);

/** An append: the event's own id and time, made on the device, and how many events the device has seen. */
export const appendSchema = z
	.strictObject({
		id: z.uuid(),
		at: z.iso.datetime({ offset: true }),
		expectedVersion: z.int().min(0).max(100_000),
		/** How many it had seen when this was done; and which of its own were stored since. */
		knew: z.int().min(0).max(100_000).optional(),
		own: z.array(z.uuid()).max(2000).optional(),
		/** The box it is said at, where the job has several. */
		box: name.optional(),
		command: commandSchema
	})
	.refine(({ knew = 0, expectedVersion }) => knew <= expectedVersion, { path: ['knew'] });

export const startSchema = z.strictObject({
	id: z.uuid(),
	boxId: name,
	school: z.enum(terminatingSchools).default('groundFirst'),
	who: nameText(80),
	wish: wishSchema.nullable().default(null),
	/** Further boxes of the same job, under the same isolation. */
	more: z
		.array(z.strictObject({ boxId: name, wish: wishedSchema.nullable().default(null) }))
		.max(11)
		.default([]),
	/** The version of the record that a plan was made on. */
	version: z.int().min(1).optional()
});

/** Ends a job of another procedure; `anew`: and begins it again, under this id. */
export const anewSchema = z.strictObject({ id: z.uuid(), anew: z.boolean() });

/** An outlet that is taken into a job under way. */
export const takeInSchema = z.strictObject({
	id: z.uuid(),
	box: name,
	wish: wishSchema.nullable().default(null)
});

/** A reading asked of the simulated instruments. */
export const instrumentSchema = z.discriminatedUnion('what', [
	z.strictObject({ what: z.literal('live'), half, instrument: z.enum(['multimeter', 'indicator', 'lamp']) }),
	z.strictObject({ what: z.literal('liveGround'), half, instrument: z.enum(['plugTester', 'indicator']) }),
	z.strictObject({ what: z.literal('touchless'), half }),
	z.strictObject({ what: z.literal('neutralEarth'), half, instrument: z.enum(['multimeter', 'indicator']) }),
	z.strictObject({ what: z.literal('earth'), source: name }),
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
	z.strictObject({
		what: z.literal('ohms'),
		check: z.enum(resistanceChecks)
	}),
	z.strictObject({ what: z.literal('supplyOhms'), cable: name }),
	z.strictObject({ what: z.literal('touchSupply'), cable: name }),
	z.strictObject({ what: z.literal('witness'), box: name }),
	z.strictObject({ what: z.literal('controlled'), when: z.enum(['on', 'off', 'after']) }),
	z.strictObject({ what: z.literal('look') }),
	z.strictObject({ what: z.literal('baseline'), group: name }),
	z.strictObject({ what: z.literal('ends'), role: z.enum(['hot', 'neutral', 'ground']) }),
	z.strictObject({ what: z.literal('plateScrew'), half, instrument: z.enum(['multimeter', 'indicator']) }),
	z.strictObject({
		what: z.literal('groundEarth'),
		half,
		of: z.enum(['ground', 'neutral']),
		instrument: z.enum(['multimeter', 'indicator']),
		mode: z.enum(['highImpedance', 'lowImpedance', 'lampAcross'])
	}),
	z.strictObject({
		what: z.literal('supplyVolts'),
		cable: name,
		to: z.enum(['neutral', 'ground']),
		instrument: z.enum(['multimeter', 'indicator'])
	}),
	z.strictObject({ what: z.literal('plug'), half }),
	z.strictObject({ what: z.literal('loaded'), half, watts: z.number().min(loadFromW).max(loadToW) }),
	z.strictObject({ what: z.literal('neighbour'), box: name }),
	z.strictObject({ what: z.literal('workCheck'), check: name }),
	z.strictObject({ what: z.literal('breaker') })
]);
export type InstrumentRequest = z.infer<typeof instrumentSchema>;
