import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	ssr: { noExternal: ['@wary/core'] },
	build: {
		assetsInlineLimit: 0,
		rolldownOptions: {
			treeshake: {
				// Flowbite Svelte's themes call `tv()` for every component there is; said to be pure, those that no page uses are dropped. So are schemas of what is said in a job (`saying`).
				manualPureFunctions: ['tv', 'saying'],
				// Its components name its contents pages, which would tie all of them, and the placing of pop-ups, into every page.
				moduleSideEffects: (id) => !/node_modules.(flowbite-svelte|@floating-ui)./.test(id)
			}
		}
	},
	server: { fs: { allow: ['..'] } }
});
