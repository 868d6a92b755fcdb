import { familyFor } from '../devices';
import { takesGround, type Device } from '../house';

/** The same kind and rating, new: good contacts, tamper-resistant as a dwelling now asks (NEC 406.12; BS 1363 shutters). */
export function likeForLike(device: Device, fittingA: readonly number[] | null): Device {
	if (!('ratingA' in device)) return device;
	const { fitted: _worn, ...kept } = device;
	// Nothing is plugged into a wall switch or a fused spur.
	if (!('contacts' in kept)) return kept;
	// NEC 406.12 lets a like-for-like ungrounded one be as it was.
	return {
		...kept,
		// A rating that doesn't fit the circuit is put right, not copied.
		ratingA: fittingA === null || fittingA.includes(kept.ratingA) ? kept.ratingA : fittingA[0]!,
		contacts: 'good',
		tamperResistant: takesGround(device) || kept.tamperResistant
	};
}

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
