import { z } from 'zod';
import { settlingTests, wiredWays } from '../../arrangements';
import { colour, how } from '../../house/schema';
import { freeText } from '../../text';
import { accept, refuse, type Decision } from '../decision';
import type { JobPlan } from '../jobPlan';
import { countsOn } from '../landings';
import { nothingTakenOff } from '../progress';
import type { JobState } from '../state';
import { name, saying } from './said';
import type { Said, StepModule } from './module';

export const boxSeen = saying(() =>
	z.strictObject({
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
	})
);
export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('lookOver'),
		asRecorded: z.boolean(),
		/** Counted without touching: cables that enter the box, and ends on screws of the device. Earlier procedures didn’t ask. */
		counts: z.strictObject({ cables: z.int().min(0).max(20), ends: z.int().min(0).max(40) }).optional(),
		landings: z
			.array(
				z.strictObject({ terminal: name, wires: z.array(z.strictObject({ id: name, colour, how })).max(12) })
			)
			.max(12),
		note: freeText(500),
		seen: boxSeen.optional(),
		/** What the box is made of; left out: as recorded. */
		material: z.enum(['metal', 'plastic']).optional()
	})
);

export const step: StepModule<'lookOver'> = {
	kind: 'lookOver',
	concerns: 'box',
	record: 'work',
	at: 'work',
	due: (_plan, { lookedOver }) => (lookedOver ? null : { kind: 'lookOver' }),
	beside: ({ plan }, state, said) =>
		state.lookedOver && nothingTakenOff(state) ? counted(plan, state, said) : null,
	judge: ({ plan }, state, said) => counted(plan, state, said),
	applied: ({ state, said }) => ({
		...state,
		lookedOver: true,
		metalBox: said.material === undefined ? state.metalBox : said.material === 'metal',
		stops: { ...state.stops, lookOver: said.asRecorded ? null : 'notAsRecorded' }
	})
};

/** What is said to be as recorded has as many cables and ends as the record: what nobody counted is in nobody's proof. */
function counted(plan: JobPlan, { found }: JobState, said: Said<'lookOver'>): Decision {
	if (!said.asRecorded) return accept(said);
	if (!said.counts) return refuse({ code: 'countFirst' });
	const { cables, ends } = countsOn(plan);
	// One that came to light beside the record has pairs of its own.
	const same = said.counts.ends === ends && (found.length > 0 || said.counts.cables === cables);
	return same ? accept(said) : refuse({ code: 'countsDiffer', cables, ends });
}
