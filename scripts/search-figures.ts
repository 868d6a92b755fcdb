import { writeFileSync } from 'node:fs';
import {
	candidatesOf,
	follow,
	honest,
	inFixedOrder,
	labelFirst,
	randomPanel,
	seeded,
	topToBottom,
	type Walked
} from '../core/test/searchPanels';
import { defaultSettings, type SearchSettings } from '../core/src/search';

/** Random panels a row of the table is made from. */
const panels = 1000;
const hearing = 0.95;
const rows: { name: string; settings: SearchSettings }[] = [
	{ name: 'lamp, seen only at the outlet', settings: defaultSettings },
	{ name: 'lamp, one breaker at a time', settings: { ...defaultSettings, sets: false } },
	{ name: 'radio, heard rightly 95 times in 100', settings: { ...defaultSettings, means: 'radio', hearing } },
	{ name: 'helper who calls', settings: { ...defaultSettings, means: 'helper' } },
	{ name: 'transmitter and receiver, then lamp', settings: { ...defaultSettings, means: 'signal' } }
];
const mean = (all: readonly Walked[], of: (one: Walked) => number) =>
	all.reduce((sum, one) => sum + of(one), 0) / all.length;
const figures = (all: readonly Walked[]) =>
	`${mean(all, ({ walks }) => walks).toFixed(1)} / ${mean(all, ({ switched }) => switched).toFixed(1)} / ${(mean(all, ({ seconds }) => seconds) / 60).toFixed(1)}`;
const right = (all: readonly Walked[]) =>
	((100 * all.filter((one) => one.right).length) / all.length).toFixed(1);

const lines: string[] = [];
const byLabels: string[] = [];
const planningMs: number[] = [];
for (const { name, settings } of rows) {
	const random = seeded(20261124);
	const searched: Walked[] = [];
	const down: Walked[] = [];
	const labelled: Walked[] = [];
	const groups = new Map<number, { searched: Walked[]; down: Walked[]; labelled: Walked[] }>();
	for (let k = 0; k < panels; k++) {
		const labelsRight = (k % 10) / 10;
		const panel = randomPanel(random, labelsRight);
		const candidates = candidatesOf(panel);
		let start = performance.now();
		const planned = () => {
			planningMs.push(performance.now() - start);
			start = performance.now();
		};
		const answer = honest(random, [panel.truth], hearing);
		// A signal is strongest at the right breaker four times in five, else at one beside it, seldom anywhere.
		const sweep = () => {
			const draw = random();
			const beside = candidates.find(({ id }) => id === panel.truth)!.beside;
			if (draw < 0.8) return panel.truth;
			return draw < 0.95
				? beside[Math.floor(random() * beside.length)]!
				: candidates[Math.floor(random() * candidates.length)]!.id;
		};
		const group = groups.get(labelsRight) ?? { searched: [], down: [], labelled: [] };
		groups.set(labelsRight, group);
		const one = follow(candidates, settings, answer, (id) => id === panel.truth, sweep, planned);
		const top = inFixedOrder(topToBottom(panel.house), candidates, settings, answer, panel.truth);
		const label = inFixedOrder(labelFirst(panel), candidates, settings, answer, panel.truth);
		searched.push(one);
		down.push(top);
		labelled.push(label);
		group.searched.push(one);
		group.down.push(top);
		group.labelled.push(label);
	}
	lines.push(
		`| ${name} | ${figures(searched)} | ${figures(down)} | ${figures(labelled)} | ${right(searched)} |`
	);
	if (settings === defaultSettings)
		for (const [labelsRight, group] of [...groups].sort(([a], [b]) => a - b))
			byLabels.push(
				`| ${Math.round(labelsRight * 100)} % | ${mean(group.searched, ({ walks }) => walks).toFixed(1)} | ${mean(group.down, ({ walks }) => walks).toFixed(1)} | ${mean(group.labelled, ({ walks }) => walks).toFixed(1)} |`
			);
}
planningMs.sort((a, b) => a - b);
const page = `# Finding the breaker: figures

Made by \`npm run search-figures\` from the real engine (\`core/src/search\`) and the seeded panels of \`core/test/searchPanels.ts\`: ${panels} us panels a row, 12 to 40
breakers, labels right 0 to 90 % of the time in equal shares, one walk 60 s, switching 4 s, listening 5 s, a call 10 s, a sweep 60 s.

Walks / breakers switched / minutes, mean of ${panels}:

| means at hand | this search | top to bottom | label first | found, % |
| --- | --- | --- | --- | --- |
${lines.join('\n')}

A walk is one way and back. Heard at the panel or called, the last walk is the one that proves it; a radio misheard is found out there and costs another.
The fixed orders use the same means and are misheard as often.

Walks by lamp, by how often labels are right:

| labels right | this search | top to bottom | label first |
| --- | --- | --- | --- |
${byLabels.join('\n')}

Planning a move, over all ${planningMs.length} moves of those searches: median ${planningMs[Math.floor(planningMs.length / 2)]!.toFixed(1)} ms, 99 of 100 within ${planningMs[Math.floor(planningMs.length * 0.99)]!.toFixed(0)} ms, slowest ${planningMs.at(-1)!.toFixed(0)} ms, on the machine that wrote this page; in the page it runs in a worker.

## What is exact and what isn't

- One at a time: by probability over cost, largest first. Exact; the tests compare it with every order of up to 6.
- Several together, up to 12 that carry weight: dynamic programme over all subsets. Exact for the cost model (a look, and what each tried breaker costs); the tests
  compare it with every plan of up to 5, written down anew.
- More than 12: runs of the best order one by one, split at either end. Never dearer than that order, which is never dearer than top to bottom.
- Two at once, or answers that contradict each other: the set that tells most for its cost (information over seconds). Not exact, and the view says so.
- Plans take answers as right; the belief that they are made from doesn't. A misheard radio keeps a weight and can come back.
`;
writeFileSync(new URL('../docs/search.md', import.meta.url), page);
console.log(page);
