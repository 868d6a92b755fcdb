/** Less is not drawn as a current, A; chosen: what an indicator lamp takes. */
export const leastShownA = 0.0005;
/** From here on a potential is drawn as live, V (domain: reading bands). */
export const shownLiveFromV = 50;
