import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';

/** Nothing in the core may know of the interface, of a browser or of Node.js. */
const coreStaysPure = {
	files: ['core/src/**/*.ts'],
	ignores: ['core/src/**/*.test.ts'],
	languageOptions: { globals: {} },
	rules: {
		'no-restricted-imports': [
			'error',
			{
				patterns: [
					{
						group: [
							'svelte',
							'svelte/*',
							'@sveltejs/*',
							'$app/*',
							'$lib/*',
							'$env/*',
							'flowbite*',
							'**/web/**',
							'@wary/web*'
						],
						message: 'The core knows nothing of the interface.'
					},
					{
						group: ['node:*', 'fs', 'path', 'os', 'crypto', 'child_process', 'pg', 'pino'],
						message: 'The core knows nothing of Node.js.'
					}
				]
			}
		],
		'no-restricted-globals': [
			'error',
			'window',
			'document',
			'navigator',
			'localStorage',
			'fetch',
			'process',
			'Buffer',
			'setTimeout',
			'setInterval',
			'performance',
			'crypto',
			'console'
		],
		'no-restricted-properties': [
			'error',
			{ object: 'Math', property: 'random', message: 'Randomness is handed in.' },
			{ object: 'Date', property: 'now', message: 'Time is handed in.' }
		],
		'no-restricted-syntax': [
			'error',
			{ selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Time is handed in.' }
		]
	}
};

/** What a browser has on a secure address only. A phone in the house reaches the server by plain http, where calling it throws, and the press does nothing. */
const forAnyAddress = {
	files: ['web/src/**/*.ts', 'web/src/**/*.svelte'],
	ignores: [
		'web/src/lib/server/**',
		'web/src/hooks.server.ts',
		'**/*.server.ts',
		'**/+server.ts',
		'**/*.test.ts'
	],
	rules: {
		'no-restricted-properties': [
			'error',
			...Object.entries({
				crypto: ['randomUUID', 'subtle'],
				navigator: [
					'bluetooth',
					'clipboard',
					'credentials',
					'geolocation',
					'locks',
					'mediaDevices',
					'serviceWorker',
					'share',
					'storage',
					'usb',
					'wakeLock'
				],
				window: ['caches', 'cookieStore', 'isSecureContext', 'showOpenFilePicker', 'showSaveFilePicker']
			}).flatMap(([object, properties]) =>
				properties.map((property) => ({
					object,
					property,
					message: 'Not on a phone in the house: there the address isn’t secure.'
				}))
			)
		],
		'no-restricted-globals': [
			'error',
			...['caches', 'cookieStore', 'Notification'].map((name) => ({
				name,
				message: 'Not on a phone in the house: there the address isn’t secure.'
			}))
		]
	}
};

export default ts.config(
	{ ignores: ['**/node_modules', '**/build', '**/.svelte-kit', '.data', 'docs'] },
	js.configs.recommended,
	...ts.configs.recommended,
	...svelte.configs.recommended,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: {
			'no-undef': 'off',
			'@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
			'@typescript-eslint/consistent-type-imports': 'error',
			'svelte/no-navigation-without-resolve': 'off',
			// Sets and dates here are made and used inside one function; none is state.
			'svelte/prefer-svelte-reactivity': 'off'
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: { parserOptions: { parser: ts.parser } }
	},
	coreStaysPure,
	forAnyAddress
);
