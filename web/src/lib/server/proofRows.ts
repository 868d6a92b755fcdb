import type { JobRecord } from '@wary/core/job';

type Proven = JobRecord['proofs'][number];

/** A proof, and what was read again after it as wires came apart. */
export interface ProvenRow {
	readonly proof: Proven;
	readonly parted: readonly Proven[];
}

/** Proofs as they are told: a row that the tester of the one before it began belongs to that, and says only what was read anew. */
export function provenRows(proofs: readonly Proven[]): readonly ProvenRow[] {
	const rows: { proof: Proven; last: Proven; parted: Proven[] }[] = [];
	for (const proof of proofs) {
		const before = rows.at(-1);
		if (before?.last.after.id !== proof.before.id) rows.push({ proof, last: proof, parted: [] });
		else {
			const known = new Set(before.last.pairs.map(({ taken }) => taken.id));
			before.parted.push({ ...proof, pairs: proof.pairs.filter(({ taken }) => !known.has(taken.id)) });
			before.last = proof;
		}
	}
	return rows;
}
