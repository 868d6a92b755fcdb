import type { WorryKind } from '@wary/core/house';

/** A worry in words, and why it wants doing. */
export const worryWords: Record<WorryKind, { readonly what: string; readonly why: string }> = {
	wornContacts: {
		what: 'Worn: it no longer holds a plug.',
		why: 'Heat and use have opened the contacts. A plug that barely touches heats more, and opens them further. Replace it like for like.'
	},
	looseFaceplate: { what: 'The faceplate is loose.', why: 'A device that moves works its wires loose.' },
	warmPlate: {
		what: 'The plate gets warm.',
		why: 'Warmth without a heavy load means a bad joint. Leave it unplugged until it has been opened.'
	},
	crackedFace: { what: 'The face is cracked.', why: 'Live parts are one piece of plastic away.' },
	scorch: {
		what: 'Scorch marks.',
		why: 'Something has been hot enough to burn. Leave the circuit off until it has been opened.'
	},
	other: { what: 'Something isn’t right.', why: 'Worth a look before it gets worse.' }
};
