import { keep, keptText, unwrapped } from '$lib/kept';

const kept = 'wary-hand speak';

/** Whether this browser can speak at all. */
export const canSpeak = (): boolean => typeof window !== 'undefined' && 'speechSynthesis' in window;

/** Off until somebody asks for it; then as this device was left. */
export function speaksHere(): boolean {
	const text = canSpeak() ? keptText(kept) : null;
	return text !== null && unwrapped(kept, text)?.value === 'on';
}
export const keepSpeaking = (on: boolean): boolean => keep(kept, on ? 'on' : 'off');

/** Says something; what was being said gives way. Nothing waits for it, and nothing depends on it. */
export function say(text: string, language: string): void {
	const utterance = new SpeechSynthesisUtterance(text);
	utterance.lang = language;
	speechSynthesis.cancel();
	speechSynthesis.speak(utterance);
}
export const hush = (): void => speechSynthesis.cancel();

/** “Next”, from wherever the hands are: the form one is in is handed in; else it is as if Enter were pressed. */
export function goOn(): void {
	const active = document.activeElement;
	const form = active?.closest<HTMLFormElement>('main form') ?? null;
	if (form) form.requestSubmit();
	else
		(active ?? document.body).dispatchEvent(
			new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true })
		);
}
