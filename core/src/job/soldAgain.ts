import { familyFor } from '../devices';
import type { Device } from '../house';

/** What makes a part the same again; what wore out, tripped, was broken off or is an older make isn’t. */
const sameIn = ['style', 'weatherResistant', 'switched', 'protection'] as const;

/** The same again as it is sold now, out of its packet; `null` for what isn’t an outlet. */
export function soldAgain(device: Device, fittingA: readonly number[]): Device | null {
	const family = familyFor(device);
	if (!family || !('ratingA' in device)) return null;
	// A rating that doesn't fit the circuit is put right, not copied.
	const made = family.made(fittingA.includes(device.ratingA) ? device.ratingA : fittingA[0]!);
	const was: Readonly<Record<string, unknown>> = device;
	const kept = sameIn.filter((key) => key in made && was[key] !== undefined);
	return { ...made, ...Object.fromEntries(kept.map((key) => [key, was[key]])) } as Device;
}
