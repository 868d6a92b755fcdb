import { z } from 'zod';
import { conductorSizes } from '../rules';
import { nameText } from '../text';
import { connectorKinds } from './connector';

/** A connector as its own packet describes it: typed in once, and what decides what it may join. */
export const connectorSchema = z.strictObject({
	id: z.uuid(),
	name: nameText(40),
	how: z.enum(connectorKinds),
	/** Bare length it asks, mm. */
	stripMm: z.number().min(4).max(30).nullable(),
	/** Of one size at a time: from how many to how many conductors. */
	chart: z
		.array(
			z
				.strictObject({
					size: z.enum(conductorSizes),
					least: z.number().int().min(1).max(20),
					most: z.number().int().min(1).max(20)
				})
				.refine(({ least, most }) => least <= most, { error: 'The first count is larger than the second.' })
		)
		.min(1)
		.max(12)
});
export type Connector = Readonly<z.infer<typeof connectorSchema>>;
