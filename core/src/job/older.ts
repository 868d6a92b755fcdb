import type { Hold } from '../isolation';

/** How a job of another procedure stands, by what was said in it and not by any rule: enough to leave it safely. */
export interface LeftAsTold {
	/** Breakers that were switched off last, by id; what was switched on again isn’t among them. */
	readonly off: readonly string[];
	readonly hold: Hold | null;
	readonly tagged: boolean;
	/** A plate came off, a device came out, or something was said that this build can’t read: then nobody knows that it is shut. */
	readonly opened: boolean;
	/** Entries that this build has no words for. */
	readonly unread: number;
}

const nothingYet: LeftAsTold = { off: [], hold: null, tagged: false, opened: false, unread: 0 };

/** Steps after which what is behind the plate may be in reach. */
const opens: readonly unknown[] = ['plateOff', 'easeOut', 'easeForward'];

/**
 * What the entries of a job come to, whatever procedure it was begun under: each is looked at by itself and read as far as it can be. `isRead`: whether this build
 * knows what an entry means. Of a doubt the worse is taken: once opened it stays open, since only the rules it was done by could say that it was shut again.
 */
export const leftAsTold = (
	bodies: readonly unknown[],
	isRead: (body: unknown) => boolean = () => true
): LeftAsTold =>
	bodies.reduce<LeftAsTold>((left, body) => {
		if (typeof body !== 'object' || body === null || !isRead(body))
			return { ...left, opened: true, unread: left.unread + 1 };
		const said = body as Readonly<Record<string, unknown>>;
		switch (said.kind) {
			case 'switchBreaker': {
				const others = left.off.filter((id) => id !== said.breaker);
				return said.on === false && typeof said.breaker === 'string'
					? { ...left, off: [...others, said.breaker] }
					: { ...left, off: others, hold: null };
			}
			case 'restorePower':
				return { ...left, off: [], hold: null, tagged: false };
			case 'hold':
				return typeof said.way === 'string' ? { ...left, hold: said.way as Hold } : left;
			case 'takeOff':
			case 'move':
				return { ...left, opened: true };
			case 'confirm':
				if (said.step === 'tag') return { ...left, tagged: true };
				return opens.includes(said.step) ? { ...left, opened: true } : left;
			default:
				return left;
		}
	}, nothingYet);
