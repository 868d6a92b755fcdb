import { deviceModel, findBox, withBox, type Box, type Device, type House, type How } from '../house';

/** What is inside a box as one value: the device, joints, tails, and for every conductor end where it ends. */
export type Wiring = Pick<Box, 'device' | 'joints' | 'terminations' | 'pigtails'>;

/** One end of a conductor in the box: of a cable, or of a tail that lies wholly inside. */
export type End =
	| { readonly kind: 'cable'; readonly cable: string; readonly conductor: string }
	| { readonly kind: 'tail'; readonly tail: string; readonly end: 'from' | 'to' };

/** The end and the place it is at: `terminal:NAME`, `joint:ID`, `box`, `capped` or `bare`. */
export interface Placed {
	readonly end: End;
	readonly at: string;
}

export const endId = (end: End): string =>
	end.kind === 'cable' ? `${end.cable}/${end.conductor}` : `tail/${end.tail}/${end.end}`;
export const sameEnd = (a: End, b: End): boolean => endId(a) === endId(b);

export const terminalOf = (at: string): string | null => (at.startsWith('terminal:') ? at.slice(9) : null);
export const jointOf = (at: string): string | null => (at.startsWith('joint:') ? at.slice(6) : null);

/** Every end in the box, in the order they are recorded: of cables, then of tails. */
export function endsOf({ terminations, pigtails }: Wiring): Placed[] {
	return [
		...terminations.map(({ cable, conductor, at }): Placed => ({
			end: { kind: 'cable', cable, conductor },
			at
		})),
		...pigtails.flatMap(({ id, from, to }): Placed[] => [
			{ end: { kind: 'tail', tail: id, end: 'from' }, at: from },
			{ end: { kind: 'tail', tail: id, end: 'to' }, at: to }
		])
	];
}

export const endsAt = (wiring: Wiring, at: string): End[] =>
	endsOf(wiring).flatMap((placed) => (placed.at === at ? [placed.end] : []));

/** The wiring with one end elsewhere. Made anew, a joint is sound: what was wrong with the old one stays with the old one. */
export function withEnd(wiring: Wiring, end: End, at: string, how?: How): Wiring {
	if (end.kind === 'tail')
		return {
			...wiring,
			pigtails: wiring.pigtails.map((tail) => {
				if (tail.id !== end.tail) return tail;
				const { how: was, open: _open, resistanceOhm: _ohm, ...kept } = tail;
				// The record keeps how the far end is held.
				const held = end.end === 'to' ? how : was;
				return { ...kept, [end.end]: at, ...(held ? { how: held } : {}) };
			})
		};
	return {
		...wiring,
		terminations: wiring.terminations.map((each) => {
			if (each.cable !== end.cable || each.conductor !== end.conductor) return each;
			const { mark, tape, strippedMm } = each;
			return {
				cable: end.cable,
				conductor: end.conductor,
				at,
				...(how ? { how } : {}),
				...(mark ? { mark } : {}),
				...(tape ? { tape } : {}),
				...(strippedMm === undefined ? {} : { strippedMm })
			};
		})
	};
}

/** A box's wiring as the record has it. */
export function asRecorded(house: House, boxId: string): Wiring {
	const { device, joints, terminations, pigtails } = findBox(house, boxId)!;
	return { ...(device ? { device } : {}), joints, terminations, pigtails };
}

/** The house with a box wired so. What was plugged in stays where the device still has that half. */
export function wiredAs(house: House, boxId: string, wiring: Wiring): House {
	const halves = wiring.device ? deviceModel(wiring.device).halves : [];
	return {
		...withBox(house, boxId, ({ device: _device, ...box }) => ({ ...box, ...wiring })),
		loads: house.loads.filter(({ box, half }) => box !== boxId || halves.includes(half))
	};
}

export const withDevice = ({ device: _was, ...rest }: Wiring, device: Device | undefined): Wiring => ({
	...rest,
	...(device ? { device } : {})
});
