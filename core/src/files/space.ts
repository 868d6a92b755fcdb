import type { Breaker } from '../house';

/** A breaker's place as written: `14`, `5+7` for two poles, `14a` for one of two thin ones. */
export const spaceText = ({ spaces, tandem }: Pick<Breaker, 'spaces' | 'tandem'>): string =>
	`${spaces.join('+')}${tandem ?? ''}`;

export function readSpace(text: string): { spaces: number[]; tandem?: 'a' | 'b' } | null {
	const found = /^(\d{1,2})(?:\s*[+&/]\s*(\d{1,2}))?\s*([abAB])?$/.exec(text.trim());
	if (!found) return null;
	const spaces = [Number(found[1]), ...(found[2] ? [Number(found[2])] : [])];
	if (spaces.some((space) => space < 1 || space > 84)) return null;
	const tandem = found[3]?.toLowerCase() as 'a' | 'b' | undefined;
	return { spaces, ...(tandem ? { tandem } : {}) };
}
