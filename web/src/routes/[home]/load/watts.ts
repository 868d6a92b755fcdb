import { typedNumber } from '$lib/typed';
import { words as w } from '$words/load';

/** Watts as somebody typed them; what no plug carries is refused. */
export function wattsIn(text: string): { value: number | null; complaint: string | null } {
	const read = typedNumber(text);
	const odd = read.value !== null && (read.value < 0.1 || read.value > 10_000);
	return odd ? { value: null, complaint: w.wattsRange } : read;
}
