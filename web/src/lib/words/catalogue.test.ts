import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { sentencesIn } from '../../test/sentences';
import { missingKeys } from '../../test/languages';

const source = new URL('../../', import.meta.url).pathname;
const components = readdirSync(source, { recursive: true, encoding: 'utf8' }).filter(
	(file) => file.endsWith('.svelte') && !file.startsWith('test/')
);

describe('what people read', () => {
	it('stands in the catalogue, and in no component', () => {
		expect(components.length).toBeGreaterThan(80);
		const left = components.flatMap((file) =>
			sentencesIn(readFileSync(source + file, 'utf8')).map(({ text }) => `${file}: ${text}`)
		);
		expect(left).toEqual([]);
	});

	it.each([
		['<p>Turn it off</p>', 'Turn it off'],
		['<p>{count} of them are live</p>', 'of them are live'],
		['<input placeholder="what it shows" />', 'what it shows'],
		['<Button text={dark ? "It is dark" : label} />', 'It is dark'],
		['<p>{shown ?? "nothing yet, try again"}</p>', 'nothing yet, try again'],
		['<script>let complaint = "Say how far it lit.";</script>', 'Say how far it lit.'],
		['<script>const said = `still ${n} V to earth`;</script>', 'still xx V to earth']
	])('is noticed in %s', (component, text) => {
		expect(sentencesIn(component).map((found) => found.text)).toEqual([text]);
	});

	it.each([
		'<p class="my-2 flex text-live">{words.dark}</p>',
		'<svelte:head><title>{words.name} · Wary Hand</title></svelte:head>',
		'<script>if (kind === "readLive" && key === "Enter") go("/fennel-lane/house");</script>',
		'<script>const looks = { bad: "border-live font-semibold text-live" };</script>',
		'<p><code>HOST=0.0.0.0 npm start</code> 5 V <Kbd>t</Kbd></p>',
		'<script>throw new Error("no such step in this plan");</script>',
		'<svg><path d="M 0 0 L 10 10" /></svg>'
	])('is not mistaken in %s', (component) => {
		expect(sentencesIn(component)).toEqual([]);
	});
});

describe('what is said in a job', () => {
	/** A catalogue written out: what is put in stands as «1», «2». */
	const written = (value: unknown, path: string): string[] =>
		typeof value === 'string'
			? [`${path}: ${value}`]
			: typeof value === 'function'
				? [
						`${path}: ${String((value as (...put: string[]) => unknown)(...Array.from({ length: value.length }, (_, k) => `«${k + 1}»`)))}`
					]
				: Object.entries(value as object).flatMap(([key, each]) => written(each, `${path}.${key}`));

	it('is what was last read aloud, word for word', async () => {
		const job = import.meta.glob('./en/job/**/*.ts', { eager: true, import: 'words' });
		const text = Object.entries(job)
			.sort(([a], [b]) => a.localeCompare(b))
			.flatMap(([path, words]) => written(words, path.slice('./en/job/'.length, -'.ts'.length)))
			.join('\n');
		expect(text).toContain('LIVE. Touch nothing.');
		await expect(`${text}\n`).toMatchFileSnapshot('./job.golden.txt');
	});
});

describe('a language', () => {
	const modules = import.meta.glob('./*/**/*.ts', { eager: true });
	const languages = [...new Set(Object.keys(modules).map((path) => path.split('/')[1]!))];
	const catalogue = (language: string) =>
		Object.fromEntries(
			Object.entries(modules).flatMap(([path, module]) =>
				path.startsWith(`./${language}/`) ? [[path.slice(language.length + 3), module]] : []
			)
		);
	const english = catalogue('en');

	it('has every key that English has, and no other', () => {
		expect(Object.keys(english).length).toBeGreaterThan(80);
		for (const language of languages)
			expect([language, missingKeys(english, catalogue(language))]).toEqual([language, []]);
	});

	it('that lacks one, has one too many, or says it otherwise than with the same figures, is told so', () => {
		const words = {
			'hold.ts': { words: { held: 'It is held', off: (b: string) => `${b} is off`, why: { tape: 'x' } } }
		};
		const say = (held: object) => missingKeys(words, { 'hold.ts': { words: held } });
		expect(say({ held: 'Gehalten', off: (b: string) => `${b} aus`, why: { tape: 'y' } })).toEqual([]);
		expect(say({ off: (b: string) => b, why: {} })).toEqual([
			'hold.ts words.held is missing',
			'hold.ts words.why.tape is missing'
		]);
		expect(say({ held: 'G', off: 'aus', why: { tape: 'y' }, more: 'z' })).toEqual([
			'hold.ts words.off is a string, not a function',
			'hold.ts words.more is in no other language'
		]);
		expect(missingKeys(words, {})).toEqual(['hold.ts is missing']);
	});
});
