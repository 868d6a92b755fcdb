/**
 * The way a job goes, by number; a job keeps the one it was begun under. One of another number is never finished under this one: it is led to a safe stop and begun
 * anew (`older.ts`). Counted up when what is asked, or what follows from it, changes for a job that is under way. 1: release 0.1. 2: what is in the box is counted before it is proven; freed ends are read again; what
 * is here is read to the known ground with power on; the same fault again opens no box.
 */
export const currentProcedure = 2;
