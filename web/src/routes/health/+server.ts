import { json } from '@sveltejs/kit';
import { cachesNow } from '$lib/server/caches';
import { connections } from '$lib/server/db';
import { failedAs, statuses, type Trouble } from '$lib/server/failedAs';
import { freeSpace, isSpaceLow } from '$lib/server/space';
import { troubleOf, troublesNow } from '$lib/server/troubles';

/** How the server does: whether its database answers and, if not, why; what stands; space; memory. */
export async function GET() {
	const away = await asked();
	const standing = await troublesNow();
	const trouble = away ?? (Object.keys(standing)[0] as Trouble | undefined) ?? null;
	return json(
		{
			ok: trouble === null,
			...(trouble ? { code: trouble } : {}),
			standing,
			space: { freeBytes: freeSpace(), low: isSpaceLow() },
			memory: { residentBytes: process.memoryUsage().rss, caches: cachesNow() }
		},
		{ status: trouble ? statuses[trouble] : 200, ...(trouble ? { headers: { 'retry-after': '2' } } : {}) }
	);
}

/** What keeps the database from answering; null where it does. */
async function asked(): Promise<Trouble | null> {
	try {
		await connections().query('select 1');
		return null;
	} catch (error) {
		const failed = failedAs(error);
		if (!failed) throw error;
		return (await troubleOf(failed)) as Trouble;
	}
}
