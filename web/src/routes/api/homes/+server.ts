import { parseHouse } from '@wary/core/files';
import { describePath, describeProblem } from '$words/problems';
import { homeAnswer, homesAnswer } from '$lib/answers';
import { addHousehold, homesListedAtMost, manyHomes } from '$lib/server/households';
import { answer, failure, readJson } from '$lib/server/requests';

const shownAtMost = 50;

/** Homes by their names, twenty at a time: `search` words in the name, `after` the home with that short name. */
export async function GET({ url }) {
	const search = (url.searchParams.get('search') ?? '').trim().slice(0, 80);
	const after = url.searchParams.get('after');
	if (after !== null && !isSlug(after)) return failure(400, 'malformed');
	const homes = await manyHomes(search, after);
	return answer(homesAnswer, { homes: [...homes], more: homes.length === homesListedAtMost });
}

/** Takes a house file as a new home, or says what is wrong with it and where; then nothing is stored. */
export async function POST({ request, url }) {
	const body = await readJson(request);
	if (!body.ok) return body.response;
	const parsed = parseHouse(body.value);
	if (!parsed.ok) {
		const problems = parsed.problems.slice(0, shownAtMost).map((problem) => ({
			at: describePath(problem.path),
			code: problem.code,
			message: describeProblem(problem)
		}));
		return failure(422, 'houseFile', { problems, count: parsed.problems.length });
	}
	const slug = url.searchParams.get('slug')?.trim() || slugOf(parsed.house.name);
	if (!isSlug(slug) || reserved.has(slug)) return failure(422, 'slug', { slug });
	const household = await addHousehold(slug, parsed.house);
	return household ? answer(homeAnswer, { slug: household.slug }, 201) : failure(409, 'slugTaken', { slug });
}

const isSlug = (text: string): boolean => /^[a-z0-9][a-z0-9-]{0,59}$/.test(text);
const reserved = new Set(['api', 'new', 'theme', 'health', 'pair']);

/** A short name for the address: Latin letters and digits of the house's name; “home” where it has none. */
const slugOf = (name: string): string =>
	name
		.normalize('NFKD')
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-+|-+$/g, '')
		.slice(0, 60) || 'home';
