import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { solve, writeNetlist, type Complex, type Network } from '../src/network';

/** Node voltages as ngspice finds them from the netlist that the writer makes. Floating groups are left out: SPICE can't say "no voltage". */
export function solveWithNgspice(network: Network): Map<string, Complex> {
	const folder = mkdtempSync(join(tmpdir(), 'wary-ngspice-'));
	try {
		const { text, nodes } = writeNetlist(network, 'comparison');
		const vectors = [...nodes.values()].filter((node) => node !== '0').map((node) => `v(${node})`);
		const control = [
			'.control',
			'set numdgt=17',
			'set wr_vecnames',
			'run',
			`wrdata out ${vectors.join(' ')}`,
			'quit',
			'.endc'
		];
		writeFileSync(join(folder, 'in.cir'), text.replace('.end\n', `${control.join('\n')}\n.end\n`));
		execFileSync('ngspice', ['-b', 'in.cir'], { cwd: folder, stdio: 'pipe' });
		const lines = readFileSync(join(folder, 'out'), 'utf8').trim().split('\n');
		const values = lines.at(-1)!.trim().split(/\s+/).map(Number);
		const voltages = new Map<string, Complex>([[network.reference, { re: 0, im: 0 }]]);
		// Each vector is written with its scale before it; an alternating one as real and imaginary part.
		const stride = network.frequencyHz === 0 ? 2 : 3;
		let k = 0;
		for (const [name, node] of nodes) {
			if (node === '0') continue;
			voltages.set(name, { re: values[k * stride + 1]!, im: stride === 3 ? values[k * stride + 2]! : 0 });
			k++;
		}
		return voltages;
	} finally {
		rmSync(folder, { recursive: true });
	}
}

/**
 * Largest relative difference between our solution and ngspice's, over the nodes above 1 mV, and how many those were: `largest` where they conduct to
 * the reference, `hanging` where coupling alone holds them. There a matrix loses what stands between milliohms and picofarads: eleven digits of sixteen.
 */
export function compareWithNgspice(network: Network): { largest: number; hanging: number; nodes: number } {
	const ours = solve(network);
	if (ours.outcome === 'singular') throw new Error('singular');
	const theirs = solveWithNgspice(withoutFloating(network));
	const conducts = conducting(network);
	const found = { largest: 0, hanging: 0, nodes: 0 };
	for (const [name, voltage] of ours.voltageV) {
		const other = theirs.get(name);
		const size = other ? Math.hypot(other.re, other.im) : 0;
		if (!other || size <= 1e-3) continue;
		found.nodes++;
		const by = Math.hypot(voltage.re - other.re, voltage.im - other.im) / size;
		const group = conducts.has(name) ? 'largest' : 'hanging';
		found[group] = Math.max(found[group], by);
	}
	return found;
}

function withoutFloating(network: Network): Network {
	const ours = solve(network);
	if (ours.outcome === 'singular') return network;
	return {
		...network,
		branches: network.branches.filter(({ from, to }) => ours.voltageV.has(from) && ours.voltageV.has(to))
	};
}

/** The nodes that conduct to the reference, as against those that hang in the air by coupling alone. */
export function conducting({ branches, reference }: Network): ReadonlySet<string> {
	const next = new Map<string, string[]>();
	for (const branch of branches) {
		if (branch.kind === 'capacitor' || (branch.kind === 'switch' && !branch.closed)) continue;
		next.set(branch.from, [...(next.get(branch.from) ?? []), branch.to]);
		next.set(branch.to, [...(next.get(branch.to) ?? []), branch.from]);
	}
	const found = new Set([reference]);
	for (const node of found) for (const other of next.get(node) ?? []) found.add(other);
	return found;
}

/** Several networks of one frequency as one, side by side: they share the reference only. */
export function sideBySide(networks: readonly Network[]): Network {
	const [first] = networks;
	if (!first) throw new Error('nothing to compare');
	return {
		...first,
		branches: networks.flatMap(({ branches, reference }, k) => {
			const own = (name: string) => (name === reference ? first.reference : `${k}|${name}`);
			return branches.map((branch) => ({
				...branch,
				id: `${k}|${branch.id}`,
				from: own(branch.from),
				to: own(branch.to)
			}));
		})
	};
}
