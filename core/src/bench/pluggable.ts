/** What can be plugged in: by its kind; its resistance follows from the region's voltage. */
export const pluggable = ['lamp', 'radio', 'kettle', 'heater'] as const;
