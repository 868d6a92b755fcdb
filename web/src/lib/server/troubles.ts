import type { Failed, Trouble } from './failedAs';
import { fullBelowBytes, lookAtSpace } from './space';

/** What stands until something shows that it is over: a write that went through, or for damage a new start. */
const standing = new Map<'diskFull' | 'damaged', string>();

/** What a failure really is: a database that is away on a full disk has gone for want of space. Notes what stands. `now`: ISO 8601. */
export async function troubleOf(
	failed: Failed,
	look = lookAtSpace,
	now = new Date().toISOString()
): Promise<Failed> {
	const free = failed === 'databaseAway' || failed === 'diskFull' ? await look() : null;
	const full = failed === 'databaseAway' && free !== null && free < fullBelowBytes;
	const trouble = full ? 'diskFull' : failed;
	if (trouble === 'diskFull' || trouble === 'damaged') standing.set(trouble, standing.get(trouble) ?? now);
	return trouble;
}

/** Something was written: there is space. */
export const written = (): void => void standing.delete('diskFull');

/** What stands, since when. Where nobody writes, space that is there again ends a full disk. */
export async function troublesNow(look = lookAtSpace): Promise<Readonly<Partial<Record<Trouble, string>>>> {
	if (standing.has('diskFull') && ((await look()) ?? 0) >= fullBelowBytes) written();
	return Object.fromEntries(standing);
}
