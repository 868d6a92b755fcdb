import type { House } from '../schema';
import type { Changed } from './chain';
import type { Edit, EditOf } from './edits';

/** How each of these changes is made: a house changed, or why not. */
export type Making<K extends Edit['do']> = {
	readonly [Kind in K]: (house: House, edit: EditOf<Kind>) => Changed;
};
