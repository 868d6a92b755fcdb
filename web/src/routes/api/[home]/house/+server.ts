import { z } from 'zod';
import { describePath, describeProblem } from '$words/problems';
import { editSchema } from '@wary/core/house';
import { houseAnswer } from '$lib/answers';
import { recordEdits } from '$lib/server/houseEdits';
import { maybeHousehold } from '$lib/server/households';
import { answer, failure, readBody } from '$lib/server/requests';

const requestSchema = z.strictObject({
	expectedVersion: z.int().min(1),
	edits: z.array(editSchema).min(1).max(2000),
	why: z.string().trim().min(1).max(500)
});

/** Changes the recorded house: all of the edits or none. */
export async function POST({ params, request }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	const body = await readBody(request, requestSchema);
	if (!body.ok) return body.response;
	const recorded = await recordEdits(household, body.value);
	switch (recorded.code) {
		case 'recorded':
			return answer(houseAnswer, { version: recorded.version });
		case 'conflict':
			return failure(409, 'conflict', { version: recorded.version, house: recorded.house });
		case 'refused': {
			const { refusal } = recorded;
			const problem =
				refusal.code === 'wouldBeWrong'
					? `${describePath(refusal.problem.path)}: ${describeProblem(refusal.problem)}`
					: undefined;
			return failure(422, 'refused', { edit: recorded.edit, refusal, problem });
		}
	}
}
