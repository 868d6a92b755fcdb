import type { PartId } from '@wary/core/devices';
import type { Wished, WishChoice } from '@wary/core/job';
import type { Feed } from '@wary/core/wiring';

/** What somebody has said goes in at an outlet. */
export interface Placed {
	readonly boxId: string;
	readonly wish: NonNullable<Wished>;
}

/** An outlet that could be in the same job, with what most people put there; `null`: it can only be put back. */
export interface Near {
	readonly boxId: string;
	readonly part: PartId | null;
}

/** A wish as it begins: everything beside the part as is usual. */
export const plainWish = (part: PartId, feed: Feed = 'asFound'): WishChoice => ({
	part,
	feed,
	switched: 'keep',
	connector: 'lever',
	wireEnd: 'clampPlate'
});
const placed = ({ boxId, part }: Near): Placed => ({
	boxId,
	wish: part === null ? 'putBack' : plainWish(part)
});

interface Start {
	/** The outlet of the page: first of the job, and always in it. */
	readonly home: string;
	readonly wish: WishChoice;
	readonly near: readonly Near[];
	/** Of those near it: in the job from the start. */
	readonly together: readonly string[];
	/** Of those: in one box with it, so that they can’t be left out. */
	readonly beside: readonly string[];
	/** A plan that was kept. */
	readonly kept: readonly { readonly boxId: string; readonly wish: Wished }[] | null;
}

/** Every outlet of a job with what goes in there, and the one that is looked at. */
export class Wishes {
	boxes = $state.raw<readonly Placed[]>([]);
	boxId = $state('');
	readonly wished = $derived(this.boxes.find((each) => each.boxId === this.boxId)!.wish);
	/** What goes in at the one that is looked at; `null`: it is only taken out and put back. */
	readonly wish = $derived(this.wished === 'putBack' ? null : this.wished);
	readonly #start: Start;
	/** Near it, and not in the job. */
	readonly left = $derived.by(() =>
		this.#start.near.filter((near) => this.boxes.every((each) => each.boxId !== near.boxId))
	);
	/** One beside the outlet of this page may also just be put back: what else would most people put there? */
	readonly elsePart = $derived.by(() => {
		const { beside, near } = this.#start;
		return beside.includes(this.boxId)
			? (near.find(({ boxId }) => boxId === this.boxId)?.part ?? null)
			: null;
	});

	constructor(start: Start) {
		this.#start = start;
		this.boxes = fromKept(start) ?? [
			{ boxId: start.home, wish: start.wish },
			...start.near.filter(({ boxId }) => start.together.includes(boxId)).map(placed)
		];
		this.boxId = start.home;
	}

	choose(next: NonNullable<Wished>): void {
		this.boxes = this.boxes.map((each) =>
			each.boxId === this.boxId ? { boxId: this.boxId, wish: next } : each
		);
	}
	/** That it is only put back, or that something goes in after all. */
	onlyPutBack(only: boolean): void {
		if (this.elsePart) this.choose(only ? 'putBack' : plainWish(this.elsePart));
	}
	add(boxId: string): void {
		const near = this.left.find((each) => each.boxId === boxId);
		if (!near) return;
		this.boxes = [...this.boxes, placed(near)];
		this.boxId = boxId;
	}
	leaveOut(boxId: string): void {
		this.boxes = this.boxes.filter((each) => each.boxId !== boxId);
		if (this.boxId === boxId) this.boxId = this.#start.home;
	}
}

/** A kept plan as it was wished for, with what has come to sit beside it since; `null`: none that begins here. */
function fromKept({ kept, home, near, beside }: Start): readonly Placed[] | null {
	const known = (kept ?? []).flatMap(({ boxId, wish }): Placed[] => (wish ? [{ boxId, wish }] : []));
	if (known[0]?.boxId !== home) return null;
	const more = near.filter(
		({ boxId }) => beside.includes(boxId) && known.every((each) => each.boxId !== boxId)
	);
	return [...known, ...more.map(placed)];
}
