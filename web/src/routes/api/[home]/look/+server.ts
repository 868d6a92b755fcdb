import { z } from 'zod';
import { findBox } from '@wary/core/house';
import { lookAnswer } from '$lib/answers';
import { maybeWiringNow } from '$lib/server/demoWiring';
import { maybeHousehold } from '$lib/server/households';
import { searched, strongestAt } from '$lib/server/instruments';
import { answer, failure, readBody } from '$lib/server/requests';

const requestSchema = z.strictObject({
	box: z.string().max(120),
	off: z.array(z.string().max(120)).max(200).nullable()
});

/** In a demo home: what a lamp at an outlet does with these breakers off; without any, where a receiver is loudest. */
export async function POST({ params, request }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	const body = await readBody(request, requestSchema);
	if (!body.ok) return body.response;
	const wiring = await maybeWiringNow(household);
	const { box, off } = body.value;
	if (!wiring || !findBox(wiring, box)) return failure(404, 'notSimulated');
	return answer(
		lookAnswer,
		off === null ? { strongest: strongestAt(wiring, box) } : { answer: searched(wiring, box, off) }
	);
}
