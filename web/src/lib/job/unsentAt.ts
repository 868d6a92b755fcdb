/** The key under which entries of a job wait on this device, by its address. */
export const unsentAt = (address: string): string => `wary-hand unsent ${address}`;
