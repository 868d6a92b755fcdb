import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	ssr: { noExternal: ['@wary/core'] },
	// Flowbite Svelte's themes call `tv()` for every component there is; said to be pure, those that no page uses are dropped.
	build: {
		assetsInlineLimit: 0,
		rolldownOptions: { treeshake: { manualPureFunctions: ['tv'] } }
	},
	server: { fs: { allow: ['..'] } }
});
