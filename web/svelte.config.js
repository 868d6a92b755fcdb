import adapter from '@sveltejs/adapter-node';

/** @type {import('@sveltejs/kit').Config} */
export default {
	kit: {
		adapter: adapter({ precompress: true }),
		// Two dozen styles of a few hundred bytes each stand in the page, instead of each being asked for before anything is painted.
		inlineStyleThreshold: 6000,
		// All that people read, in one folder a language; another is built by its name.
		alias: {
			$words: `src/lib/words/${process.env.WARY_LANGUAGE ?? 'en'}`,
			// Not among what Flowbite Svelte names for others: see the root layout.
			'$flowbite/context': '../node_modules/flowbite-svelte/dist/context'
		},
		csp: {
			mode: 'nonce',
			directives: {
				'default-src': ['self'],
				'script-src': ['self'],
				'style-src': ['self', 'unsafe-inline'],
				'img-src': ['self', 'data:'],
				'font-src': ['self'],
				'connect-src': ['self'],
				'object-src': ['none'],
				'base-uri': ['self'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		},
		typescript: {
			config: (config) => ({
				...config,
				compilerOptions: { ...config.compilerOptions, noUncheckedIndexedAccess: true, noUnusedLocals: true }
			})
		}
	}
};
