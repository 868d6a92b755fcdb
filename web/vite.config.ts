import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig, type Plugin } from 'vite';

/**
 * The library's button takes its spinner from the library's contents page, which ties every component that is used anywhere into one piece. Taken from its own
 * file, a page loads what it shows, and what is fetched later stays apart.
 */
const spinnerByItself: Plugin = {
	name: 'spinner-by-itself',
	enforce: 'pre',
	transform: (code, id) =>
		id.endsWith('/flowbite-svelte/dist/buttons/Button.svelte')
			? code.replace('import { Spinner } from ".."', 'import Spinner from "../spinner/Spinner.svelte"')
			: undefined
};

export default defineConfig({
	plugins: [spinnerByItself, tailwindcss(), sveltekit()],
	ssr: { noExternal: ['@wary/core'] },
	// Flowbite Svelte's themes call `tv()` for every component there is; said to be pure, those that no page uses are dropped.
	build: {
		assetsInlineLimit: 0,
		rolldownOptions: { treeshake: { manualPureFunctions: ['tv'] } }
	},
	server: { fs: { allow: ['..'] } }
});
