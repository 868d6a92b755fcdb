import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig, type Plugin } from 'vite';
import { fileURLToPath } from 'node:url';

/**
 * What many pages share goes into three files, by how many of the parts that are fetched by themselves need it, and not into one for each set of pages: every file costs a slow phone
 * some 20 ms. What so many need never needs what fewer do, so that none waits for another in a circle.
 */
const fewerFiles: Plugin = {
	name: 'fewer-files',
	applyToEnvironment: ({ name }) => name === 'client',
	outputOptions: (options) => ({
		...options,
		codeSplitting: { groups: [60, 30, 16].map((parts) => ({ name: `by${parts}`, minShareCount: parts })) }
	})
};

export default defineConfig({
	plugins: [tailwindcss(), sveltekit(), fewerFiles],
	resolve: { alias: { 'tailwind-merge': fileURLToPath(new URL('src/lib/ui/merge.ts', import.meta.url)) } },
	ssr: { noExternal: ['@wary/core'] },
	build: {
		assetsInlineLimit: 0,
		// Of what comes later only the style is asked for by name: a list of all its scripts beside every import costs more to go through than it saves.
		modulePreload: { resolveDependencies: (_, needs) => needs.filter((file) => file.endsWith('.css')) },
		rolldownOptions: {
			treeshake: {
				// Flowbite Svelte's themes call `tv()` for every component there is; said to be pure, those that no page uses are dropped. So are schemas of what is said in a job (`saying`).
				manualPureFunctions: ['tv', 'saying'],
				// Its components name its contents pages, which would tie all of them, and the placing of pop-ups, into every page. So would ours: nothing in the core or among the words does anything by being fetched.
				moduleSideEffects: (id) =>
					!/node_modules.(flowbite-svelte|@floating-ui).|core.src.|src.lib.words./.test(id)
			}
		}
	},
	server: { fs: { allow: ['..'] } }
});
