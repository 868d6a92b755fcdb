import { drivingEmfV, type Network } from './network';

/** A SPICE netlist of a network, and which of its nodes is which of ours. */
export interface Netlist {
	readonly text: string;
	/** Our node name → SPICE node (`0` is the reference). */
	readonly nodes: ReadonlyMap<string, string>;
}

/**
 * Writes the network as a SPICE netlist. Names become numbered nodes, each explained in a comment, since SPICE folds case and
 * splits at many signs. Open switches are left out. Above 0 Hz sources are AC magnitude and phase in RMS volts; at 0 Hz they are DC.
 */
export function writeNetlist(network: Network, title: string): Netlist {
	const nodes = new Map<string, string>([[network.reference, '0']]);
	const nodeOf = (name: string): string => {
		const known = nodes.get(name);
		if (known !== undefined) return known;
		const made = `n${nodes.size}`;
		nodes.set(name, made);
		return made;
	};
	const lines: string[] = [];
	network.branches.forEach((branch, k) => {
		const from = nodeOf(branch.from);
		const to = nodeOf(branch.to);
		if (from === to) return;
		switch (branch.kind) {
			case 'resistor':
				lines.push(`R${k} ${from} ${to} ${figure(branch.resistanceOhm)} $ ${oneLine(branch.id)}`);
				break;
			case 'capacitor':
				if (branch.capacitanceF > 0)
					lines.push(`C${k} ${from} ${to} ${figure(branch.capacitanceF)} $ ${oneLine(branch.id)}`);
				break;
			case 'switch':
				if (branch.closed)
					lines.push(`R${k} ${from} ${to} ${figure(branch.onResistanceOhm)} $ ${oneLine(branch.id)}, closed`);
				else lines.push(`* ${oneLine(branch.id)}: open`);
				break;
			case 'source': {
				const emf = drivingEmfV(branch, network.frequencyHz);
				const magnitudeV = Math.hypot(emf.re, emf.im);
				const phaseDegrees = (Math.atan2(emf.im, emf.re) * 180) / Math.PI;
				const value =
					network.frequencyHz === 0
						? `DC ${figure(emf.re)}`
						: `AC ${figure(magnitudeV)} ${figure(phaseDegrees)}`;
				lines.push(`V${k} ${from} v${k} ${value} $ ${oneLine(branch.id)}`);
				if (branch.inductanceH) {
					lines.push(
						`R${k} v${k} l${k} ${figure(branch.resistanceOhm)}`,
						`L${k} l${k} ${to} ${figure(branch.inductanceH)}`
					);
				} else lines.push(`R${k} v${k} ${to} ${figure(branch.resistanceOhm)}`);
			}
		}
	});
	const legend = [...nodes].map(([name, node]) => `* ${node} = ${oneLine(name)}`);
	const f = figure(network.frequencyHz);
	const analysis = network.frequencyHz === 0 ? ['.op'] : ['.options noopac', `.ac lin 1 ${f} ${f}`];
	return { text: [oneLine(title), ...legend, ...lines, ...analysis, '.end', ''].join('\n'), nodes };
}

const figure = (value: number): string => String(value);
const oneLine = (text: string): string => text.replace(/[\r\n]+/g, ' ');
