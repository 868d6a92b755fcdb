/** More was asked at once than is worked on, or one took too long, or who asked has gone. */
export class HeldUp extends Error {}
