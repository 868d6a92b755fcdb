/*
 * Devices that work at one job without each other. What each says keeps the time at which it was done and
 * how much of the job its device knew then (`Entry`), and is decided with that (`decideEntry`): evidence taken
 * without knowing of what undid evidence never counts, in whatever order the two arrive.
 */

export { decideEntry, foreignTo, replayStored, stored, type Entry, type Stored } from './entry';
export { viewOf, withoutStored, type Dropped, type View } from './view';
