import { z } from 'zod';
import { deviceModel, type Device, type House } from '../house';
import type { JobEvent, JobPlan } from '../job';
import { loadFromW, loadToW } from '../job/loaded';
import { regions } from '../rules';
import { freeText, nameText } from '../text';

const half = z.enum(['upper', 'lower', 'left', 'right', 'only']);

/** What was seen, read or tried at an outlet. */
export const observationBody = z.discriminatedUnion('kind', [
	/** The test button of a residual part was pressed. It passes where everything on it went dark and came back on reset. */
	z.strictObject({ kind: z.literal('buttonTest'), shows: z.enum(['dark', 'stayedLit', 'noReset']) }),
	/** A plug-in tester and a plug in one half; `when`: before a job switched anything off, or at its end. */
	z.strictObject({
		kind: z.literal('plugTest'),
		half,
		when: z.enum(['asFound', 'final']),
		lamps: z.strictObject({ hotNeutral: z.boolean(), hotGround: z.boolean(), neutralGround: z.boolean() }),
		holds: z.boolean().nullable()
	}),
	/** Volts without and with a load of known watts. */
	z.strictObject({
		kind: z.literal('loadedTest'),
		watts: z.number().min(loadFromW).max(loadToW),
		offV: z.number().min(1).max(300),
		onV: z.number().min(1).max(300)
	}),
	/** What work here cost: parts and what a call-out would have been, in hundredths of the region’s unit; one’s own time. */
	z.strictObject({
		kind: z.literal('cost'),
		parts: z.number().int().min(0).max(100_000_000),
		minutes: z
			.number()
			.int()
			.min(0)
			.max(60 * 24 * 30)
			.nullable(),
		callOut: z.number().int().min(0).max(100_000_000).nullable()
	}),
	/** Something noticed, in somebody’s own words. */
	z.strictObject({ kind: z.literal('look'), note: freeText(500) })
]);
export type ObservationBody = Readonly<z.infer<typeof observationBody>>;

/** An entry of the ledger as it is sent. Nothing in it is ever changed; what no longer holds is overtaken by a later entry. */
export const observationSchema = z.strictObject({
	id: z.uuid(),
	box: nameText(80),
	/** The job that it is about. */
	job: z.uuid().optional(),
	body: observationBody
});

export interface Observation {
	readonly id: string;
	/** ISO 8601. */
	readonly at: string;
	readonly box: string;
	/** The job in which it was made; `null`: in none. */
	readonly job: string | null;
	readonly body: ObservationBody;
}
/** Of which form an entry is, where it is stored. */
export const observationVersion = 2;

/** Whether a part opens at a leak, so that its button is to be tried. */
export const hasButton = (device: Device | undefined): boolean =>
	device !== undefined && deviceModel(device).protection?.kind === 'residual';

/** What a job saw at one of its boxes that is worth having later: as found, the last final test of each half, and its own button. Under the ids of its events. */
export function observedIn(
	{ boxId }: JobPlan,
	events: readonly JobEvent[],
	job: string
): readonly Observation[] {
	const made = ({ id, at }: JobEvent, body: ObservationBody): Observation => ({
		id,
		at,
		box: boxId,
		job,
		body
	});
	const last = (is: (body: JobEvent['body']) => boolean) => events.findLast(({ body }) => is(body));
	const holds = (which: string): boolean | null => {
		const grip = last((body) => body.kind === 'grip' && body.half === which)?.body;
		return grip?.kind === 'grip' ? grip.holds : null;
	};
	return events.flatMap((event): Observation[] => {
		const { body, judged } = event;
		switch (body.kind) {
			case 'readAsFound':
				return [
					made(event, {
						kind: 'plugTest',
						half: body.half,
						when: 'asFound',
						lamps: body.lamps,
						holds: body.holds
					})
				];
			case 'readPlug':
				return event === last((each) => each.kind === 'readPlug' && each.half === body.half)
					? [
							made(event, {
								kind: 'plugTest',
								half: body.half,
								when: 'final',
								lamps: body.lamps,
								holds: holds(body.half)
							})
						]
					: [];
			case 'readLoaded': {
				const { read } = body;
				return read.kind === 'volts'
					? [made(event, { kind: 'loadedTest', watts: read.watts, offV: read.offV, onV: read.onV })]
					: [];
			}
			case 'checkWork':
				return body.check === 'button'
					? [made(event, { kind: 'buttonTest', shows: judged?.passes ? 'dark' : 'stayedLit' })]
					: [];
			default:
				return [];
		}
	});
}

/** A loaded test as it was read. */
export interface LoadedAt {
	readonly box: string;
	readonly watts: number;
	readonly offV: number;
	readonly onV: number;
}

/** The last loaded test at each outlet. */
export function lastLoaded(ledger: readonly Observation[]): readonly LoadedAt[] {
	const last = new Map<string, LoadedAt>();
	for (const { box, body } of ledger.toSorted((a, b) => a.at.localeCompare(b.at)))
		if (body.kind === 'loadedTest') {
			const { watts, offV, onV } = body;
			last.set(box, { box, watts, offV, onV });
		}
	return [...last.values()];
}

/** A residual part whose button is due, or failed when it was pressed last. */
export interface TestDue {
	readonly box: string;
	/** When it was tried last, ISO date; `null`: never, as far as anybody wrote down. */
	readonly last: string | null;
	readonly failed: 'stayedLit' | 'noReset' | null;
}

const msPerDay = 86_400_000;
const addDays = (day: string, days: number): string =>
	new Date(Date.parse(day) + days * msPerDay).toISOString().slice(0, 10);
/** Each time the button at an outlet was pressed, the last one last. */
const pressesOf = (ledger: readonly Observation[], boxId: string): readonly Observation[] =>
	ledger
		.filter(({ box, body }) => box === boxId && body.kind === 'buttonTest')
		.toSorted((a, b) => a.at.localeCompare(b.at));

/**
 * What is to be tried by its button on a day (`on`, ISO date), those that failed first, then those tried longest ago. A part put in since its last test begins anew: its own
 * job tried it, or it was never tried.
 */
export function testsDue(house: House, ledger: readonly Observation[], on: string): readonly TestDue[] {
	const { everyDays } = regions[house.region].code.buttonTest;
	const due = house.boxes.flatMap(({ id, device }): TestDue[] => {
		if (!hasButton(device)) return [];
		const since = device && 'fitted' in device ? (device.fitted ?? '') : '';
		// The job that put it in may have tried it before midnight and ended after.
		const from = (job: string | null) => (job === null || since === '' ? since : addDays(since, -1));
		const last = pressesOf(ledger, id).findLast(({ at, job }) => at.slice(0, 10) >= from(job));
		const day = last?.at.slice(0, 10) ?? null;
		const shows = last?.body.kind === 'buttonTest' ? last.body.shows : 'dark';
		const failed = shows === 'dark' ? null : shows;
		const old = day === null || Date.parse(on) - Date.parse(day) >= everyDays * msPerDay;
		return failed !== null || old ? [{ box: id, last: day, failed }] : [];
	});
	const rank = ({ failed, last }: TestDue) => `${failed ? 0 : 1} ${last ?? ''}`;
	return due.toSorted((a, b) => rank(a).localeCompare(rank(b)));
}

/** When the next test of each residual part falls, ISO date: for a calendar. What is due already falls on `on`. */
export function nextTests(
	house: House,
	ledger: readonly Observation[],
	on: string
): readonly { readonly box: string; readonly on: string }[] {
	const { everyDays } = regions[house.region].code.buttonTest;
	const due = new Set(testsDue(house, ledger, on).map(({ box }) => box));
	return house.boxes
		.filter(({ device }) => hasButton(device))
		.map(({ id }) => {
			const last = pressesOf(ledger, id).at(-1);
			const falls = last ? addDays(last.at.slice(0, 10), everyDays) : on;
			return { box: id, on: due.has(id) || falls < on ? on : falls };
		});
}
