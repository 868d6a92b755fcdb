/** Less is not drawn as a current, A; chosen: what an indicator lamp takes. */
export const leastShownA = 0.0005;
/** From here on a potential is drawn as live, V (domain: reading bands). */
export const shownLiveFromV = 50;

/** What a place, a contact or an end on the bench shows beside itself. */
export interface Showing {
	/** Read out: what it is, and its potential. */
	readonly label: string;
	readonly live: boolean;
	/** What a hand there would feel, where that layer is on. */
	readonly band: string | undefined;
	readonly ontap: () => void;
}

/** Enter and space on a part of a drawing do what a tap does. */
export const tapByKey =
	(ontap: () => void) =>
	(event: KeyboardEvent): void => {
		if (event.key !== 'Enter' && event.key !== ' ') return;
		event.preventDefault();
		ontap();
	};

export const hatched = (live: boolean): string => (live ? 'url(#live-hatch)' : 'var(--sheet)');
