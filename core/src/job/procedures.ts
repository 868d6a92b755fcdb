/**
 * The way a job goes, by number; a job keeps the one it was begun under.
 * 1: the first. 2: decides on protection before it begins; ratings by breaker and conductors; an alarm at the ground is settled by a reading; hot to neutral is
 * compared with what the cables read by themselves; supply cables by contrast, alive by contactless first; the box's material as seen.
 * 3: something else goes in: what is done at the box is `work`, moves on conductor ends; what the new part adds is tried after.
 * 4: the same again is moves on conductor ends, too; a plug-in tester and a plug before anything is switched off, set beside the final test; an outlet that is dead from the start; what is found otherwise than
 * recorded is planned anew while the job runs.
 * 5: two circuits on one device that share a neutral have to open together, too; a part whose only ground is the metal of its box is joined to that.
 * 6: at an outlet of two slots in a box of metal the screw of its plate is read from a slot, before anything is switched off; a new outlet can go on the end of a cable.
 * 7: what has no ground is tried before anything is switched off, too: two slots with a plug of two blades.
 * 8: a hot that passes by the device is read to a neutral as well as to ground, and so is a conductor that isn't on record.
 */
export const currentProcedure = 8;
/** From which on what passes by is read to a neutral, too. */
export const passingToNeutral = 8;
/** From which on an outlet without a ground is tried as found, too. */
export const readWithoutGround = 7;
/** From which on an outlet can go where none was. */
export const newWorkPlanned = 6;
/** From which on a box of metal behind two slots is read, too. */
export const plateScrewRead = 6;
/** From which procedure on a neutral that is shared on one device counts as shared. */
export const neutralOnOneDevice = 5;
/** From which on a part is joined to the metal of its box where that is its only ground. */
export const groundOfBox = 5;
/** From which procedure something else can be put in, and from which on both kinds of job have one number. */
export const wishProcedure = 3;
