/** Stands for SvelteKit's module where components are tested by themselves. */
export const browser = true;
