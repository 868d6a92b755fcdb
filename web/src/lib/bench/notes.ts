import type { Instruments, Seen } from '@wary/core/bench';
import type { House } from '@wary/core/house';
import type { Spot } from '$lib/ui/box/curves';
import type { DrawnWire, layOut } from '$lib/ui/box/layout';
import { placeWords } from '$words/bench';
import { words as w } from '$words/bench/benchDrawing';
import { colourWords } from '$words/terms';
import { leastShownA } from './shows';

const amps = (a: number): string =>
	Math.abs(a) < 1 ? `${Math.abs(a * 1000).toFixed(0)} mA` : `${Math.abs(a).toFixed(1)} A`;
const volts = ({ toEarthV }: Seen): string => (toEarthV === null ? w.floats : `${toEarthV.toFixed(0)} V`);

/** What a layer writes beside a conductor. */
export function noteOf(wire: DrawnWire, seen: Seen | undefined, layer: Instruments['layer']): string {
	if (!seen || layer === 'none' || layer === 'guards')
		return wire.mark ? `“${wire.mark}”` : colourWords[wire.colour];
	if (layer === 'current') return Math.abs(seen.currentA ?? 0) < leastShownA ? '' : amps(seen.currentA!);
	if (layer === 'potential') return volts(seen);
	const milliamperes = seen.touch?.milliamperes ?? 0;
	return `${milliamperes.toFixed(seen.touch && milliamperes < 10 ? 1 : 0)} mA`;
}

/** A thing of the box, and its voltage, as it is read out. */
export const saidOf = (seen: Seen | undefined, what: string): string =>
	seen ? `${what}, ${seen.toEarthV === null ? w.floating : w.voltsToEarth(seen.toEarthV.toFixed(1))}` : what;

/** What a wire is, of which cable, and where its end is. */
export const wireName = (wire: DrawnWire, house: House): string =>
	[colourWords[wire.colour], wire.cable ? w.cable(wire.cable) : w.pigtail, placeWords(wire.at, house)].join(
		', '
	);

/** Where a thing of the box is drawn. */
export function spotOf(layout: ReturnType<typeof layOut>, id: string): Spot | null {
	const wire = layout.wires.find((each) => each.id === id);
	if (wire) return wire.handle;
	const place = layout.places.find((each) => each.at === id);
	if (place) return place;
	const slot = layout.slots.find((each) => each.id === id);
	return slot ? { x: slot.x + slot.width / 2, y: slot.y + slot.height / 2 } : null;
}
