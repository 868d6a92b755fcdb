/** Something that happened away from where one looks: saved, not sent, overtaken. */
export interface Notice {
	readonly id: number;
	readonly kind: 'good' | 'open' | 'bad';
	readonly text: string;
}

/** Long enough to read two lines at a glance, ms; chosen. What went wrong stays until it is put away. */
const shownMs = 5_000;
/** More at once are a list, not a notice. */
const atMost = 4;

let notices = $state.raw<readonly Notice[]>([]);
let last = 0;

export const shownNotices = (): readonly Notice[] => notices;
export const dismiss = (id: number): void => {
	notices = notices.filter((each) => each.id !== id);
};
/** Shows a notice; the same words again renew the one that stands. */
export function notify(kind: Notice['kind'], text: string): void {
	const id = ++last;
	notices = [...notices.filter((each) => each.text !== text), { id, kind, text }].slice(-atMost);
	if (kind !== 'bad') setTimeout(() => dismiss(id), shownMs);
}
