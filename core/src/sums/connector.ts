import { sizesIn, type ConductorSize, type Region } from '../rules';
import type { Connector } from './connectorSchema';

/** Ways of joining that a person has connectors for. */
export const connectorKinds = ['lever', 'twistOn', 'crimp'] as const;

type ChartRow = Connector['chart'][number];

/** A joint that a connector is wanted for: so many conductors of one size. */
export interface Joint {
	readonly how: string;
	readonly wires: number;
	readonly size: ConductorSize;
}

export type ConnectorVerdict =
	/** `left`: places that stay free. */
	| { readonly fits: true; readonly left: number }
	| { readonly fits: false; readonly because: 'otherKind' | 'sizeNotListed' | 'tooFew' | 'tooMany' };

/** Whether a connector may make a joint, by its own chart: what it doesn't list it doesn't hold (listing; NEC 110.3(B), 110.14(B); BS 7671 526.2). */
export function judgeConnector({ how, chart }: Connector, joint: Joint): ConnectorVerdict {
	if (how !== joint.how) return { fits: false, because: 'otherKind' };
	const row = chart.find(({ size }) => size === joint.size);
	if (!row) return { fits: false, because: 'sizeNotListed' };
	if (joint.wires < row.least) return { fits: false, because: 'tooFew' };
	if (joint.wires > row.most) return { fits: false, because: 'tooMany' };
	return { fits: true, left: row.most - joint.wires };
}

/** Of one's own connectors the one that makes a joint with least left over; `null`: none is listed for it. */
export function connectorFor(own: readonly Connector[], joint: Joint): Connector | null {
	const fitting = own.flatMap((connector) => {
		const verdict = judgeConnector(connector, joint);
		return verdict.fits ? [{ connector, left: verdict.left }] : [];
	});
	return fitting.sort((a, b) => a.left - b.left)[0]?.connector ?? null;
}

/** A line of a chart that can't be read. */
export interface ChartProblem {
	readonly line: number;
	readonly text: string;
	readonly code: 'noSize' | 'noCount' | 'turnedRound' | 'twice';
}

/**
 * A chart as one copies it from a packet, a size a line: `14 AWG 2-5`, `12: 2 to 3`, `2.5 mm² 3`. One count alone is exactly so many. The unit may be left out: it is
 * that of the region.
 */
export function readChart(text: string, region: Region): { rows: ChartRow[]; problems: ChartProblem[] } {
	const rows: ChartRow[] = [];
	const problems: ChartProblem[] = [];
	text.split('\n').forEach((raw, k) => {
		const line = raw.trim();
		if (line === '') return;
		const problem = (code: ChartProblem['code']) => void problems.push({ line: k + 1, text: line, code });
		const found = /^#?(\d+(?:[.,]\d)?)\s*(?:AWG|mm²|mm2)?\s*[:;,×x]?\s*(.*)$/i.exec(line);
		const named = found && Number(found[1]!.replace(',', '.'));
		const size = sizesIn(region).find((each) => parseFloat(each) === named);
		if (!found || !size) return problem('noSize');
		const counts = /^(\d{1,2})(?:\s*(?:-|–|to)\s*(\d{1,2}))?$/.exec(found[2]!.trim());
		const [least, most] = counts ? [Number(counts[1]), Number(counts[2] ?? counts[1])] : [0, 0];
		if (least < 1 || most < 1 || least > 20 || most > 20) return problem('noCount');
		if (least > most) return problem('turnedRound');
		if (rows.some((row) => row.size === size)) return problem('twice');
		rows.push({ size, least, most });
	});
	return { rows, problems };
}
