import { z } from 'zod';
import { houseSchema } from '../house/schema';

/** The published JSON Schema (2020-12) of a house file, as it is to be written by hand: defaults may be left out. */
export function houseJsonSchema(): Record<string, unknown> {
	return { title: 'Wary Hand house file', ...z.toJSONSchema(houseSchema, { io: 'input' }) };
}
