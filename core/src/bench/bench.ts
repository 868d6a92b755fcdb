import { findBox, settle, type House, type Trip } from '../house';
import { act } from './act';
import type { BenchRefusal } from './refusal';
import { benchFileVersion, type BenchEvent, type BenchFile } from './events';

/** One step at the bench and what it left behind. */
export interface BenchStep {
	readonly event: BenchEvent;
	readonly house: House;
	readonly trips: readonly Trip[];
}

/** A bench as it stands: what it began with, what was done, and what was undone and may be done again (next first). */
export interface Bench {
	readonly name: string;
	readonly start: House;
	readonly startTrips: readonly Trip[];
	readonly boxId: string;
	readonly past: readonly BenchStep[];
	readonly future: readonly BenchStep[];
}

export type BenchFailure =
	BenchRefusal | { readonly code: 'nothingToUndo' } | { readonly code: 'nothingToRedo' };
export type BenchMove =
	{ readonly ok: true; readonly bench: Bench } | { readonly ok: false; readonly refusal: BenchFailure };

/** A new bench with this box of a house on it. The house given is never changed. */
export function newBench(name: string, house: House, boxId: string): Bench {
	if (!findBox(house, boxId)) throw new Error(`no box ${boxId}`);
	const { house: start, trips } = settle(house);
	return { name, start, startTrips: trips, boxId, past: [], future: [] };
}

export const houseOf = (bench: Bench): House => bench.past.at(-1)?.house ?? bench.start;
export const tripsOf = (bench: Bench): readonly Trip[] => bench.past.at(-1)?.trips ?? bench.startTrips;

/** Does one thing more; what was undone before is gone then. */
export function perform(bench: Bench, event: BenchEvent): BenchMove {
	const acted = act(houseOf(bench), bench.boxId, event);
	if (!acted.ok) return acted;
	const { house, trips } = acted.settled;
	return { ok: true, bench: { ...bench, past: [...bench.past, { event, house, trips }], future: [] } };
}

export function undo(bench: Bench): BenchMove {
	const last = bench.past.at(-1);
	if (!last) return { ok: false, refusal: { code: 'nothingToUndo' } };
	return { ok: true, bench: { ...bench, past: bench.past.slice(0, -1), future: [last, ...bench.future] } };
}

export function redo(bench: Bench): BenchMove {
	const [next, ...rest] = bench.future;
	if (!next) return { ok: false, refusal: { code: 'nothingToRedo' } };
	return { ok: true, bench: { ...bench, past: [...bench.past, next], future: rest } };
}

export function benchFile({ name, start, boxId, past, future }: Bench): BenchFile {
	return {
		format: 'wary-hand/bench',
		version: benchFileVersion,
		name,
		house: start,
		box: boxId,
		events: [...past, ...future].map(({ event }) => event),
		done: past.length
	};
}

/** Does again all that a file holds. An event that can't be done ends it: `at` tells which, and the bench stands as it was before that one. */
export function replayBench(file: BenchFile): {
	readonly bench: Bench;
	readonly failed: { readonly at: number; readonly refusal: BenchFailure } | null;
} {
	let bench = newBench(file.name, file.house, file.box);
	for (const [at, event] of file.events.entries()) {
		const next = perform(bench, event);
		if (!next.ok) return { bench, failed: { at, refusal: next.refusal } };
		bench = next.bench;
	}
	for (let undone = file.events.length; undone > file.done; undone--) {
		const back = undo(bench);
		if (back.ok) bench = back.bench;
	}
	return { bench, failed: null };
}
