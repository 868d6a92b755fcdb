import { statfs } from 'node:fs/promises';

/** Below this the pages say so, bytes. Chosen: a job with ten photographs is some 40 MB. */
export const lowBelowBytes = 200 * 1024 ** 2;
/** Below this a database that is away has most likely no space for its own journal: one segment of it, bytes. */
export const fullBelowBytes = 16 * 1024 ** 2;
const everyMs = 60_000;

let freeBytes: number | null = null;

/** What is free where the records are kept, bytes, as looked at within the last minute; `null`: they are kept elsewhere (`DATA_FOLDER` isn't set). */
export const freeSpace = (): number | null => freeBytes;

/** Whether the pages say that it runs out. */
export const isSpaceLow = (): boolean => freeBytes !== null && freeBytes < lowBelowBytes;

/** Looks at it now. */
export async function lookAtSpace(folder = process.env.DATA_FOLDER): Promise<number | null> {
	try {
		const space = folder ? await statfs(folder) : null;
		freeBytes = space && space.bavail * space.bsize;
	} catch {
		freeBytes = null;
	}
	return freeBytes;
}

/** Looks at it every minute from now on. */
export function watchSpace(): void {
	void lookAtSpace();
	setInterval(() => void lookAtSpace(), everyMs).unref();
}
