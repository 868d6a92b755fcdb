import { z } from 'zod';
import { arrangementKinds, arrangementsOf, emptyBox, here } from '@wary/core/arrangements';
import { benchFile, newBench, parseBench, type BenchFile } from '@wary/core/bench';
import { findBox, placeName, type House } from '@wary/core/house';
import { benchAnswer } from '$lib/answers';
import { addBench } from '$lib/server/benches';
import { latestHouse, maybeHousehold } from '$lib/server/households';
import { answer, failure, readBody } from '$lib/server/requests';
import { arrangementWords } from '$words/arrangements';
import { benchProblemWords } from '$words/bench';

const startSchema = z.strictObject({
	id: z.uuid(),
	from: z.discriminatedUnion('kind', [
		z.strictObject({ kind: z.literal('outlet'), box: z.string() }),
		z.strictObject({ kind: z.literal('arrangement'), arrangement: z.enum(arrangementKinds) }),
		z.strictObject({ kind: z.literal('empty') }),
		z.strictObject({ kind: z.literal('file'), file: z.unknown() })
	])
});

/** Puts a box on a new bench: an outlet of the house, an arrangement, an empty one, or a file from elsewhere. The house record is only read. */
export async function POST({ params, request }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	const body = await readBody(request, startSchema);
	if (!body.ok) return body.response;
	const { id, from } = body.value;
	if (from.kind === 'file') {
		const parsed = parseBench(from.file);
		if (!parsed.ok) {
			const shown = parsed.problems
				.slice(0, 20)
				.map((problem) => ({ code: problem.code, message: benchProblemWords(problem) }));
			return failure(422, 'benchFile', { problems: shown, count: parsed.problems.length });
		}
		await addBench(household.id, id, benchFile(parsed.bench));
		return answer(benchAnswer, { id }, 201);
	}
	const { house } = await latestHouse(household.id);
	const begun = start(house, from);
	if (!begun) return failure(404, 'unknownBox');
	await addBench(household.id, id, begun);
	return answer(benchAnswer, { id }, 201);
}

function start(
	house: House,
	from:
		| { kind: 'outlet'; box: string }
		| { kind: 'arrangement'; arrangement: (typeof arrangementKinds)[number] }
		| { kind: 'empty' }
): BenchFile | null {
	const { region } = house;
	if (from.kind === 'empty') return benchFile(newBench('Empty box', emptyBox(region), here));
	if (from.kind === 'arrangement') {
		const found = arrangementsOf(region).find(({ kind }) => kind === from.arrangement);
		return found ? benchFile(newBench(arrangementWords[found.kind].name, found.build(), here)) : null;
	}
	const box = findBox(house, from.box);
	return box ? benchFile(newBench(placeName(house, box).slice(0, 80), house, box.id)) : null;
}
