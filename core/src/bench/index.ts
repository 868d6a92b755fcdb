/*
 * A box wired by hand: a house, a box and a list of events, each done on a plain house or refused as data.
 * `act` does them, a table by kind; after each of them `settle` lets open what opens, and `look` says what
 * is seen. The page sends events to a worker and draws what comes back; undo steps back over kept houses.
 */

export {
	benchEventSchema,
	benchFileSchema,
	benchFileVersion,
	benchSaveSchema,
	mostBenchEvents,
	type BenchEvent,
	type BenchFile,
	type BenchSave
} from './events';
export { act, type Acted } from './act';
export type { BenchRefusal } from './refusal';
export { pressTest, residualDevice, resetDevice, testButtonOhm, type PressRefusal } from './device';
export {
	benchFile,
	houseOf,
	newBench,
	perform,
	redo,
	replayBench,
	tripsOf,
	undo,
	type Bench,
	type BenchFailure,
	type BenchMove,
	type BenchStep
} from './bench';
export { parseBench, type BenchFileProblem, type ParsedBench } from './file';
export {
	knownEarth,
	look,
	thingsIn,
	type BenchView,
	type Instruments,
	type Layer,
	type Metered,
	type MeterMode,
	type Seen
} from './look';
export { newDevices } from './devices';
export { pluggable } from './pluggable';
