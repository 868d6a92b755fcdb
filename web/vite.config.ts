import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';
import { fileURLToPath } from 'node:url';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	resolve: { alias: { 'tailwind-merge': fileURLToPath(new URL('src/lib/ui/merge.ts', import.meta.url)) } },
	ssr: { noExternal: ['@wary/core'] },
	build: {
		assetsInlineLimit: 0,
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
