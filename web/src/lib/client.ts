import type { Answers, FailureAnswer } from './answers';

/** Why a request came to nothing; `unreachable`: nobody answered. */
export type Failure = FailureAnswer | { readonly code: 'unreachable' };

export type Reply<Answer> =
	| { readonly ok: true; readonly answer: Answer }
	| { readonly ok: false; readonly status: number; readonly failure: Failure };

export interface Request {
	readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE';
	/** Sent as JSON; text and files go as they are. */
	readonly body?: unknown;
}

/** More than that a browser sends only while the page stands (Fetch, 4.6: 64 KiB of all that is under way). */
const keepaliveBelowBytes = 65_536;

const unreachable = { ok: false, status: 0, failure: { code: 'unreachable' } } as const;

/** Asks a route, and reads its answer in the form of that name, which both sides share; the forms are fetched beside the first answer. Never throws. */
export async function ask<Name extends keyof Answers>(
	address: string,
	name: Name,
	{ method = 'GET', body }: Request = {}
): Promise<Reply<Answers[Name]>> {
	const asIs = body === undefined || typeof body === 'string' || body instanceof Blob;
	const text = asIs ? (body ?? null) : JSON.stringify(body);
	try {
		const [response, { answers, failureAnswer }] = await Promise.all([
			fetch(address, {
				method,
				// What was done last goes out even when the page is left at once.
				keepalive: typeof text === 'string' && text.length < keepaliveBelowBytes / 4,
				...(typeof text === 'string' ? { headers: { 'content-type': 'application/json' } } : {}),
				body: text
			}),
			import('./answers')
		]);
		const said: unknown = await response.json();
		if (response.ok) {
			const answer = answers[name].safeParse(said);
			return answer.success
				? { ok: true, answer: answer.data as Answers[Name] }
				: unreadable(response.status);
		}
		const failure = failureAnswer.safeParse(said);
		return failure.success
			? { ok: false, status: response.status, failure: failure.data }
			: unreadable(response.status);
	} catch {
		return unreachable;
	}
}

const unreadable = (status: number) => ({ ok: false, status, failure: { code: 'unexpected' } }) as const;
