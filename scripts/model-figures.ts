import { readFileSync, writeFileSync } from 'node:fs';
import { everyArrangement, everyNetwork } from '../core/test/everyNetwork';
import { compareWithNgspice, sideBySide } from '../core/test/ngspice';

const page = 'docs/model.md';
const begin = '<!-- figures: npm run model-figures -->';
const end = '<!-- end of figures -->';

/** Writes the table of comparisons with ngspice into the page about the model. */
function figures(): string {
	const rows = everyArrangement.map((arrangement) => {
		const cases = everyNetwork(arrangement);
		let nodes = 0;
		let largest = 0;
		let hanging = 0;
		for (let from = 0; from < cases.length; from += 5) {
			const compared = compareWithNgspice(
				sideBySide(cases.slice(from, from + 5).map(({ network }) => network))
			);
			nodes += compared.nodes;
			largest = Math.max(largest, compared.largest);
			hanging = Math.max(hanging, compared.hanging);
		}
		const mistakes = new Set(cases.map(({ mistake }) => mistake)).size - 1;
		return {
			name: `${arrangement.region} ${arrangement.kind}`,
			mistakes,
			networks: cases.length,
			nodes,
			largest,
			hanging
		};
	});
	const sum = (key: 'mistakes' | 'networks' | 'nodes') => rows.reduce((total, row) => total + row[key], 0);
	const line = (...cells: (string | number)[]) => `| ${cells.join(' | ')} |`;
	return [
		line(
			'arrangement',
			'single mistakes',
			'networks',
			'nodes above 1 mV',
			'largest relative difference',
			'where coupling alone holds a node'
		),
		line('---', '--:', '--:', '--:', '--:', '--:'),
		...rows.map(({ name, mistakes, networks, nodes, largest, hanging }) =>
			line(name, mistakes, networks, nodes, largest.toExponential(1), hanging.toExponential(1))
		),
		line(
			'all',
			sum('mistakes'),
			sum('networks'),
			sum('nodes'),
			Math.max(...rows.map(({ largest }) => largest)).toExponential(1),
			Math.max(...rows.map(({ hanging }) => hanging)).toExponential(1)
		)
	].join('\n');
}

const text = readFileSync(page, 'utf8');
const [before, rest] = text.split(begin);
const after = rest?.split(end)[1];
if (before === undefined || after === undefined) throw new Error(`${page} has no place for the figures`);
writeFileSync(page, `${before}${begin}\n\n${figures()}\n\n${end}${after}`);
