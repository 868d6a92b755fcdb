import * as z from 'zod/mini';

/** What routes answer, once for the server that says it and the page that reads it. */
export const homesAnswer = z.object({
	homes: z.array(z.object({ slug: z.string(), name: z.string() })),
	more: z.boolean()
});
export type HomesAnswer = z.infer<typeof homesAnswer>;

/** What can be gone to in a home, besides its views. */
export const placesAnswer = z.object({
	outlets: z.array(z.object({ id: z.string(), name: z.string() })),
	breakers: z.array(z.object({ id: z.string(), name: z.string(), label: z.string() })),
	jobs: z.array(z.object({ id: z.string(), place: z.string() }))
});
export type PlacesAnswer = z.infer<typeof placesAnswer>;

/** A route's answer in its form, or null where the server can't be reached, refuses, or says something else. */
export async function ask<Answer>(address: string, schema: z.ZodMiniType<Answer>): Promise<Answer | null> {
	try {
		const response = await fetch(address);
		const parsed = schema.safeParse(await response.json());
		return response.ok && parsed.success ? parsed.data : null;
	} catch {
		return null;
	}
}
