import * as z from 'zod/mini';

/*
 * What routes answer, once for the server that says it and the page that reads it. A page that can do without a field still takes the answer: what is added later
 * breaks no page that is open.
 */

const list = <Form extends z.ZodMiniType>(form: Form) => z.array(form);

/** Done, and nothing to tell. */
export const doneAnswer = z.object({});

export const homesAnswer = z.object({
	homes: list(z.object({ slug: z.string(), name: z.string() })),
	more: z.boolean()
});
/** A home that was added: its address. */
export const homeAnswer = z.object({ slug: z.string() });

/** What can be gone to in a home, besides its views. */
export const placesAnswer = z.object({
	outlets: list(z.object({ id: z.string(), name: z.string() })),
	breakers: list(z.object({ id: z.string(), name: z.string(), label: z.string() })),
	jobs: list(z.object({ id: z.string(), place: z.string() }))
});

export const jobAnswer = z.object({ jobId: z.string() });
/** A job that was ended, and the one that was begun in its place; `null`: none. */
export const anewAnswer = z.object({ jobId: z.nullable(z.string()) });
export const benchAnswer = z.object({ id: z.string() });
export const benchSavedAnswer = z.object({ revision: z.number() });
export const houseAnswer = z.object({ version: z.number() });
export const photosAnswer = z.object({ photos: list(z.object({ id: z.string(), caption: z.string() })) });

/** A link that lets a device in, once, and its QR code. */
export const inviteAnswer = z.object({ link: z.string(), svg: z.string(), goodForMin: z.number() });

/** What the stand-in saw or heard at an outlet of a demo home. */
export const lookAnswer = z.object({
	answer: z.optional(z.enum(['dark', 'on'])),
	strongest: z.optional(z.nullable(z.string()))
});

/** Why something wasn’t done: a code there are words for, and where it was wrong. */
export const failureAnswer = z.looseObject({
	code: z.string(),
	problems: z.optional(list(z.object({ at: z.optional(z.string()), message: z.string() }))),
	count: z.optional(z.number())
});

/** All of them, by the name a page asks with. */
export const answers = {
	done: doneAnswer,
	homes: homesAnswer,
	home: homeAnswer,
	places: placesAnswer,
	job: jobAnswer,
	anew: anewAnswer,
	bench: benchAnswer,
	benchSaved: benchSavedAnswer,
	house: houseAnswer,
	photos: photosAnswer,
	invite: inviteAnswer,
	look: lookAnswer
};
export type Answers = { readonly [Name in keyof typeof answers]: z.infer<(typeof answers)[Name]> };

export type HomesAnswer = z.infer<typeof homesAnswer>;
export type PlacesAnswer = z.infer<typeof placesAnswer>;
export type FailureAnswer = z.infer<typeof failureAnswer>;
