import { beside, circuitsInBox, circuitsOfCable, findBreaker, findCircuit, type House } from '../house';

/** A breaker that must be off as well, and why. */
export interface Together {
	readonly breaker: string;
	/** `tied`: a shared neutral, too, whose breakers open together by their handles. */
	readonly because: 'inTheBox' | 'sharedNeutral' | 'tied';
}

/**
 * The breakers that must be off with this one before the box is opened, from the record: those of other circuits in the box, and those that share a neutral
 * with any of them anywhere, since opening a shared neutral puts up to the sum of two legs on what hangs on it (NEC 210.4(B)). Two poles of one handle are one breaker.
 */
export function mustBeOffTogether(house: House, boxId: string, breaker: string): Together[] {
	const found = new Map<string, Together['because']>();
	const inBox = [boxId, ...beside(house, boxId)].flatMap((id) => circuitsInBox(house, id));
	for (const circuit of inBox) if (circuit.breaker !== breaker) found.set(circuit.breaker, 'inTheBox');
	const known = new Set(inBox.map(({ id }) => id));
	for (const id of known)
		for (const cable of house.cables) {
			const circuits = circuitsOfCable(cable);
			if (!circuits.includes(id)) continue;
			for (const other of circuits) {
				known.add(other);
				const feeding = findCircuit(house, other)?.breaker;
				if (feeding !== undefined && feeding !== breaker && !found.has(feeding))
					found.set(feeding, areTied(house, feeding, breaker) ? 'tied' : 'sharedNeutral');
			}
		}
	return [...found].map(([id, because]) => ({ breaker: id, because }));
}

/** The breakers that share a neutral with this one by the record and can be switched apart from it: anywhere, or on one device in this box. */
export function apartOnNeutral(house: House, boxId: string, breaker: string): string[] {
	const shares = (other: string) =>
		house.cables.some((cable) => {
			const feeding = circuitsOfCable(cable).map((id) => findCircuit(house, id)?.breaker);
			return feeding.includes(breaker) && feeding.includes(other);
		});
	return mustBeOffTogether(house, boxId, breaker).flatMap(({ breaker: other, because }) => {
		const apart = because === 'sharedNeutral' || (shares(other) && !areTied(house, other, breaker));
		return apart ? [other] : [];
	});
}

/** Whether the handles of two breakers are tied: said at either of them. */
export const areTied = (house: House, one: string, other: string): boolean =>
	findBreaker(house, one)?.tiedWith === other || findBreaker(house, other)?.tiedWith === one;
