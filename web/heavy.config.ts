import { defineConfig } from 'vite';

/** The threads of heavy sums (`lib/server/heavy/worker`): one file beside the server that SvelteKit builds. */
export default defineConfig({
	build: {
		ssr: 'src/lib/server/heavy/worker.ts',
		outDir: 'build/heavy',
		target: 'node20',
		copyPublicDir: false
	},
	ssr: { noExternal: true }
});
