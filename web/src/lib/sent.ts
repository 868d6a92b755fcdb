import { strFromU8, unzlibSync } from 'fflate';

/** What a page is given whole and again and again (a house), packed when it is first sent and kept as long as it is: to write 800 kB of script anew for each page took longer than all else. */
const packings = new WeakMap<object, () => string>();

/** Says how a value is packed: JSON, deflated, in base 64 (`server/packed`). */
export const sendPacked = (value: object, packed: () => string): void => void packings.set(value, packed);

/** A value packed for its way to the browser; false where it goes as it is. */
export const packedOf = (value: unknown): string | false =>
	typeof value === 'object' && value !== null ? (packings.get(value)?.() ?? false) : false;

/** The same in the browser. */
export const unpacked = (text: string): unknown =>
	JSON.parse(strFromU8(unzlibSync(Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0)))));
