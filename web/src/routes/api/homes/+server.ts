import { json } from '@sveltejs/kit';
import { describePath, describeProblem, parseHouse } from '@wary/core/files';
import { addHousehold } from '$lib/server/households';
import { failure, readJson } from '$lib/server/requests';

const shownAtMost = 50;

/** Takes a house file as a new home, or says what is wrong with it and where; then nothing is stored. */
export async function POST({ request, url }) {
	const body = await readJson(request);
	if (!body.ok) return body.response;
	const parsed = parseHouse(body.value);
	if (!parsed.ok) {
		const problems = parsed.problems
			.slice(0, shownAtMost)
			.map((problem) => ({
				at: describePath(problem.path),
				code: problem.code,
				message: describeProblem(problem)
			}));
		return failure(422, 'houseFile', { problems, count: parsed.problems.length });
	}
	const slug = url.searchParams.get('slug')?.trim() || slugOf(parsed.house.name);
	if (!/^[a-z0-9][a-z0-9-]{0,59}$/.test(slug) || reserved.has(slug)) return failure(422, 'slug', { slug });
	const household = await addHousehold(slug, parsed.house);
	return household
		? json({ ok: true, slug: household.slug }, { status: 201 })
		: failure(409, 'slugTaken', { slug });
}

const reserved = new Set(['api', 'new', 'theme', 'health']);

/** A short name for the address: Latin letters and digits of the house's name; “home” where it has none. */
const slugOf = (name: string): string =>
	name
		.normalize('NFKD')
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-+|-+$/g, '')
		.slice(0, 60) || 'home';
