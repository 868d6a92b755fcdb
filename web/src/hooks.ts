import type { Transport } from '@sveltejs/kit';
import { packedOf, unpacked } from '$lib/sent';

/** How values of a page's data get to the browser where that isn't as they are. */
export const transport: Transport = { packed: { encode: packedOf, decode: unpacked } };
