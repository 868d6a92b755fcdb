import type * as z from 'zod/mini';
import { failureAnswer, type FailureAnswer } from './answers';

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

/** Asks a route, and reads its answer in the form that both sides share. Never throws. */
export async function ask<Answer>(
	address: string,
	form: z.ZodMiniType<Answer>,
	{ method = 'GET', body }: Request = {}
): Promise<Reply<Answer>> {
	const asIs = body === undefined || typeof body === 'string' || body instanceof Blob;
	try {
		const text = asIs ? (body ?? null) : JSON.stringify(body);
		const response = await fetch(address, {
			method,
			// What was done last goes out even when the page is left at once.
			keepalive: typeof text === 'string' && text.length < keepaliveBelowBytes / 4,
			...(typeof body === 'string' || !asIs ? { headers: { 'content-type': 'application/json' } } : {}),
			body: text
		});
		const said: unknown = await response.json();
		if (response.ok) {
			const answer = form.safeParse(said);
			return answer.success ? { ok: true, answer: answer.data } : unreadable(response.status);
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
