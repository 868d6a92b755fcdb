/** What was done before the page answered, as kept by the script in `app.html`. */
interface Early {
	readonly fields: ReadonlyMap<HTMLInputElement | HTMLSelectElement, { value: string; checked?: boolean }>;
	/** The first button or key; those after it may have been meant for what it leads to. */
	readonly press: { target: Element; key: string | null; said: string | undefined } | null;
	stop(): void;
}
declare global {
	var early: Early | undefined;
}

/** Fills in and presses again what was filled in and pressed too early: as long as it is there, and the page still says what it said. */
export function doneEarly(): void {
	const { early } = globalThis;
	if (!early) return;
	early.stop();
	globalThis.early = undefined;
	for (const [field, { value, checked }] of early.fields) {
		if (!field.isConnected) continue;
		if (field instanceof HTMLInputElement && checked !== undefined) field.checked = checked;
		if (field.type !== 'file') field.value = value;
		for (const type of ['input', 'change']) field.dispatchEvent(new Event(type, { bubbles: true }));
	}
	const { press } = early;
	if (!press?.target.isConnected || document.querySelector('main')?.textContent !== press.said) return;
	press.target.dispatchEvent(
		press.key === null
			? new MouseEvent('click', { bubbles: true, cancelable: true })
			: new KeyboardEvent('keydown', { key: press.key, bubbles: true, cancelable: true })
	);
}
