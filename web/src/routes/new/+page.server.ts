import { manyHomes } from '$lib/server/households';

export async function load({ locals }) {
	return { homes: await manyHomes(), theme: locals.theme };
}
