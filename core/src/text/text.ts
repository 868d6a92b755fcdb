import { z } from 'zod';

/** Control characters but tab and line ends, and U+0000 above all, which PostgreSQL's text and jsonb refuse. */
// eslint-disable-next-line no-control-regex
const control = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f]/u;
/** What takes no room or shows nothing: zero-width marks, joiners, direction marks, variation selectors, fillers, a byte-order mark. */
const unseen = /[\p{White_Space}\p{Cf}\p{Default_Ignorable_Code_Point}\u2800]/gu;

/** Why a text can't be taken: `notStorable` holds U+0000, another control character or half of a surrogate pair; `nothingToSee` only spaces and unseen marks. */
export type TextFault = 'notStorable' | 'nothingToSee';

/** Whether a text can be stored and given back as it was. */
export const storable = (text: string): boolean => text.isWellFormed() && !control.test(text);
export const visible = (text: string): boolean => text.replace(unseen, '') !== '';

/** All text that people or files bring in: well-formed, without control characters. The one type for it (conventions: refused where text enters). */
export const text = () =>
	z.string().refine(storable, { params: { fault: 'notStorable' satisfies TextFault } });

/** A name: trimmed, 1 to `most` characters, with something in it to see. */
export const nameText = (most: number) =>
	text()
		.trim()
		.min(1)
		.max(most)
		.refine(visible, { params: { fault: 'nothingToSee' satisfies TextFault } });

/** Free text, possibly empty: trimmed, at most `most` characters. */
export const freeText = (most: number) => text().trim().max(most);

/** Every string in a value, keys included, can be stored: for documents that are checked by their own schema later. */
export function allStorable(value: unknown): boolean {
	if (typeof value === 'string') return storable(value);
	if (Array.isArray(value)) return value.every(allStorable);
	if (typeof value === 'object' && value !== null)
		return Object.entries(value).every(([key, each]) => storable(key) && allStorable(each));
	return true;
}
