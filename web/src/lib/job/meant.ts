/** So soon nobody moves two probes or puts the next wire on, ms; chosen: longer than a double tap, shorter than any act. */
const soonMs = 500;
/** The same place, px: within a finger's width. */
const nearPx = 24;

/**
 * Tells apart what hands mean from what they slip into. Rows of one screen stand at the same place, so the second of a double tap, or a key held down, would
 * answer the next row before it was done: “dark” for a pair that no tip has touched.
 */
export function meaning(): (tap: { at: number; x: number; y: number; version: number }) => boolean {
	let last: { at: number; x: number; y: number; version: number } | null = null;
	return (tap) => {
		const slipped =
			last !== null &&
			tap.version !== last.version &&
			tap.at - last.at < soonMs &&
			Math.hypot(tap.x - last.x, tap.y - last.y) < nearPx;
		if (!slipped) last = tap;
		return !slipped;
	};
}

/** Whether keys write where they go: in a field, not on a button or a box to tick. */
export const writesIn = (target: EventTarget | null): boolean =>
	target instanceof HTMLElement &&
	target.matches('input:not([type=checkbox], [type=radio]), textarea, select');

/** Whether a key is for the step itself: no control has it, no dialog is open, nothing is held with it. */
export const isForStep = (event: KeyboardEvent): boolean =>
	!event.ctrlKey &&
	!event.metaKey &&
	!event.altKey &&
	!(
		event.target instanceof HTMLElement &&
		event.target.closest('button, a, input, textarea, select, summary, dialog')
	) &&
	!document.querySelector('dialog[open]');

/** A key held down answers once; in a field it writes, and moving about is never an answer. */
export const repeats = (event: KeyboardEvent): boolean =>
	event.repeat &&
	!(writesIn(event.target) && event.key !== 'Enter') &&
	!/^(Tab|Arrow|Page|Home|End)/.test(event.key);
