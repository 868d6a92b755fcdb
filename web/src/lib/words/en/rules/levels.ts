import type { Level } from '@wary/core/replacement';

/** How a part stands by the rules. */
export const levelWords: Record<Level, string> = {
	right: 'right here',
	allowed: 'allowed',
	allowedIf: 'allowed if …',
	notAllowed: 'not here'
};
