/*
 * Devices that work at one job without each other. What each says keeps the time at which it was done and
 * how much of the job its device knew then (`Entry`), and is decided with that (`decideEntry`), the same on
 * device and server. Evidence taken without knowing of what undid evidence never counts, and power that was
 * seen always does, in whatever order the two arrive.
 */

export { decideEntry, foreignTo, replayStored, stored, type Entry, type Stored } from './entry';
export { viewOf, withoutStored, type Dropped, type View } from './view';
