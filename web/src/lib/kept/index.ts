/*
 * What this device keeps by itself, under keys of its own storage: entries that wait to be sent, drafts, a search half done. All of it is written with the number of its form and read
 * as something from outside: what this version can't read is set aside under a key of its own, named on screen and to be had as a file, and whatever asked for it goes on without.
 */

/** The form of what this version writes. Counted up when a kept thing changes its meaning. */
export const keptVersion = 1;

/** Something that tells whether a value has a form, and gives it: a schema, fetched when there is something to read. */
export interface Form<Value> {
	safeParse(value: unknown): { success: true; data: Value } | { success: false };
}

const asideMark = 'wary-hand set aside ';

/** Something that was kept here and that this version can't read. */
export interface Aside {
	readonly key: string;
	/** As it was kept, to its last sign. */
	readonly text: string;
}

/** Keeps a value; false where this browser is full or forbids it. */
export function keep(key: string, value: unknown): boolean {
	try {
		localStorage.setItem(key, JSON.stringify({ version: keptVersion, value }));
		return true;
	} catch {
		return false;
	}
}

export function drop(key: string): void {
	try {
		localStorage.removeItem(key);
	} catch {
		// Forbidden: then nothing was kept either.
	}
}

/** What is kept under a key, as written; `null`: nothing, or this browser forbids it. */
export function keptText(key: string): string | null {
	try {
		return localStorage.getItem(key);
	} catch {
		return null;
	}
}

/** What was written under a key by this version or one before it; what is no such thing is set aside whole. */
export function unwrapped(key: string, text: string): { readonly value: unknown } | null {
	try {
		const kept: unknown = JSON.parse(text);
		if (typeof kept === 'object' && kept !== null && 'version' in kept && kept.version === keptVersion)
			return { value: 'value' in kept ? kept.value : undefined };
	} catch {
		// Cut off, or written by somebody else.
	}
	setAside(key, text);
	drop(key);
	return null;
}

/** What is kept under a key, in its form; `null`: nothing, or what can't be read, which is then set aside. `form` is fetched only where there is something. */
export async function readKept<Value>(
	key: string,
	form: () => Promise<Form<Value>> | Form<Value>
): Promise<Value | null> {
	const text = keptText(key);
	const kept = text === null ? null : unwrapped(key, text);
	if (text === null || !kept) return null;
	const parsed = (await form()).safeParse(kept.value);
	if (parsed.success) return parsed.data;
	setAside(key, text);
	drop(key);
	return null;
}

/** Sets something aside that was kept under a key: nothing of what is set aside already is written over. */
export function setAside(key: string, text: string): void {
	try {
		let count = 1;
		while (localStorage.getItem(`${asideMark}${count} ${key}`) !== null) count++;
		localStorage.setItem(`${asideMark}${count} ${key}`, text);
	} catch {
		// Full, or forbidden: it stays where it was.
	}
}

/** What was set aside of keys that begin so. */
export function asideUnder(begins: string): Aside[] {
	try {
		return Object.keys(localStorage)
			.filter(
				(key) => key.startsWith(asideMark) && key.replace(/^wary-hand set aside \d+ /, '').startsWith(begins)
			)
			.sort()
			.map((key) => ({ key, text: localStorage.getItem(key) ?? '' }));
	} catch {
		return [];
	}
}

/** A short text that is kept as it is. */
export const shortText: Form<string> = {
	safeParse: (value) =>
		typeof value === 'string' && value.length <= 80 ? { success: true, data: value } : { success: false }
};
