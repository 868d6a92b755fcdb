import { error, json, redirect } from '@sveltejs/kit';
import { describeShape } from '$words/problems';
import { allStorable, readJson as readText, shapeFault } from '@wary/core/text';
import type { z } from 'zod';
import type { output, ZodMiniType } from 'zod/mini';
import type { House } from '@wary/core/house';
import { houseAt, latestHouse, maybeHousehold, type Household } from './households';
import { maybeJob, type JobRow } from './jobs';
import { maybeTold } from './told';
import type { Told } from './toldSchema';
import { findJob, type LoadedJob } from './useCases';

/** An expected failure: status 4xx, a code the screen has words for, and what goes with it. */
export const failure = (status: number, code: string, more: Record<string, unknown> = {}): Response =>
	json({ ok: false, code, ...more }, { status });

/** What a route has to say, in the form that the page reads it by. */
export const answer = <Form extends ZodMiniType>(_form: Form, value: output<Form>, status = 200): Response =>
	json({ ok: true, ...(value as object) }, { status });

export type Read<Value> =
	{ readonly ok: true; readonly value: Value } | { readonly ok: false; readonly response: Response };

const largestBodyBytes = 1_000_000;

/** A request's JSON body in the wanted form, or the answer that says where it isn't. */
export async function readBody<Value>(request: Request, schema: z.ZodType<Value>): Promise<Read<Value>> {
	const parsed = await readJson(request);
	if (!parsed.ok) return parsed;
	const checked = schema.safeParse(parsed.value);
	if (checked.success) return { ok: true, value: checked.data };
	const problems = checked.error.issues.slice(0, 20).map((issue) => ({
		at: issue.path.join('.'),
		message: describeShape(shapeFault(issue, parsed.value))
	}));
	return { ok: false, response: failure(400, 'malformed', { problems }) };
}

const notStorable = { at: '', message: describeShape({ fault: 'notStorable' }) };

/** A request's body as JSON, at most 1 MB. */
export async function readJson(request: Request): Promise<Read<unknown>> {
	try {
		// Read to its end even when it is too large: an answer before that would leave the rest in the way of the next request.
		const text = await request.text();
		if (text.length > largestBodyBytes)
			return { ok: false, response: failure(413, 'tooLarge', { largestBodyBytes }) };
		const read = readText(text);
		if (!read.ok)
			return { ok: false, response: failure(400, 'notJson', { line: read.line, column: read.column }) };
		// PostgreSQL can't keep U+0000 or half a surrogate pair: refused here once for all that comes in.
		return allStorable(read.value)
			? { ok: true, value: read.value }
			: { ok: false, response: failure(400, 'malformed', { problems: [notStorable] }) };
	} catch (caught) {
		const tooLarge =
			typeof caught === 'object' && caught !== null && 'status' in caught && caught.status === 413;
		return {
			ok: false,
			response: tooLarge ? failure(413, 'tooLarge', { largestBodyBytes }) : failure(400, 'notJson')
		};
	}
}

/** The household a page is about, or a 404 page. */
export async function pageHousehold(slug: string): Promise<Household> {
	const household = await maybeHousehold(slug);
	if (!household) error(404, { message: 'There is no home by that name here.', code: 'unknownHome' });
	return household;
}

const uuid = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

/** The job a page is about, or a 404 page. */
export async function pageJob(
	slug: string,
	jobId: string
): Promise<{ household: Household; loaded: LoadedJob }> {
	const household = await pageHousehold(slug);
	const found = uuid.test(jobId) ? await findJob(household, jobId) : null;
	if (!found) noSuchJob();
	// One of another procedure is led to a safe stop, or was: then there is what was told of it.
	if (found.code === 'older')
		redirect(303, `/${slug}/job/${jobId}/${found.job.outcome === null ? 'anew' : 'record'}`);
	return { household, loaded: found.loaded };
}

function noSuchJob(): never {
	error(404, {
		message: 'This home has no such job. It may have been in another home, or the link is cut off.',
		code: 'unknownJob'
	});
}

/** The job a page is about, by what stands in its row alone; or a 404 page. */
export async function pageJobRow(
	slug: string,
	jobId: string
): Promise<{ household: Household; job: JobRow }> {
	const household = await pageHousehold(slug);
	const job = uuid.test(jobId) ? await maybeJob(household.id, jobId) : null;
	return job ? { household, job } : noSuchJob();
}

type ToldOrNow =
	| { readonly told: Told; readonly now: null }
	/** Under way: it is told as it stands. */
	| { readonly told: null; readonly now: LoadedJob };

/** What is told of a job on its record and its hand-over: as it was told when it ended, whatever this build would make of it; while it is under way as it stands. */
export async function pageTold(
	slug: string,
	jobId: string
): Promise<{ household: Household; job: JobRow; house: House } & ToldOrNow> {
	const { household, job } = await pageJobRow(slug, jobId);
	if (job.outcome !== null) {
		const [told, house] = await Promise.all([
			maybeTold(household.id, job.id),
			houseAt(household.id, job.houseVersion)
		]);
		if (told) return { household, job, house, told, now: null };
	}
	const { loaded } = await pageJob(slug, jobId);
	return { household, job, house: loaded.house, told: null, now: loaded };
}

/** The household and job a server route is about, or the answer that there is none. */
export async function routeJob(
	slug: string,
	jobId: string
): Promise<Read<{ household: Household; loaded: LoadedJob }>> {
	const household = await maybeHousehold(slug);
	if (!household) return { ok: false, response: failure(404, 'unknownHome') };
	const found = uuid.test(jobId) ? await findJob(household, jobId) : null;
	if (!found) return { ok: false, response: failure(404, 'unknownJob') };
	return found.code === 'older'
		? { ok: false, response: failure(409, 'olderProcedure') }
		: { ok: true, value: { household, loaded: found.loaded } };
}

/** A route that gives a household's record as a table to take along. */
export const csvDownload =
	(name: string, table: (house: House) => string) =>
	async ({ params }: { params: { home: string } }): Promise<Response> => {
		const household = await pageHousehold(params.home);
		const { house } = await latestHouse(household.id);
		return new Response(table(house), {
			headers: {
				'content-type': 'text/csv; charset=utf-8',
				'content-disposition': `attachment; filename="${household.slug}-${name}.csv"`
			}
		});
	};

export const isUuid = (text: string): boolean => uuid.test(text);
