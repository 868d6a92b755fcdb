/** What can be plugged in: by its kind; its resistance follows from the region's voltage. */
export const pluggable = ['lamp', 'radio', 'kettle', 'heater'] as const;

/** Watts of what can be plugged in, by region; a lamp and a radio draw alike everywhere. */
export const loadW: Record<(typeof pluggable)[number], Record<'us' | 'uk', number>> = {
	lamp: { us: 60, uk: 60 },
	radio: { us: 10, uk: 10 },
	kettle: { us: 1500, uk: 3000 },
	heater: { us: 1500, uk: 2000 }
};
