/** Tests that take as long as all the others: `npm test` runs them beside those. */
export const longest = ['walk.long', 'slips.long', 'neverProven.long'];
