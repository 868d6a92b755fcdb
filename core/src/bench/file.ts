import { findBox } from '../house';
import { checkHouse, type HouseProblem } from '../house/check';
import { shapeFault, type ShapeFault } from '../text';
import { replayBench, type Bench, type BenchFailure } from './bench';
import { benchFileSchema, benchFileVersion } from './events';

/** Why a file is no bench that can be opened. */
export type BenchFileProblem =
	| { readonly code: 'notABench' }
	| { readonly code: 'fromTheFuture'; readonly version: number; readonly known: number }
	| ({ readonly code: 'shape'; readonly path: readonly (string | number)[] } & ShapeFault)
	| { readonly code: 'house'; readonly problem: HouseProblem }
	| { readonly code: 'noSuchBox'; readonly box: string }
	| { readonly code: 'doneBeyondEnd' }
	| { readonly code: 'event'; readonly at: number; readonly refusal: BenchFailure };

export type ParsedBench =
	| { readonly ok: true; readonly bench: Bench }
	| { readonly ok: false; readonly problems: readonly BenchFileProblem[] };

/** Reads anything as a bench: its form, the house in it, and every event done again. */
export function parseBench(value: unknown): ParsedBench {
	const no = (...problems: BenchFileProblem[]): ParsedBench => ({ ok: false, problems });
	const head = typeof value === 'object' && value !== null ? (value as Record<string, unknown>) : {};
	if (head.format !== 'wary-hand/bench') return no({ code: 'notABench' });
	if (typeof head.version === 'number' && head.version > benchFileVersion)
		return no({ code: 'fromTheFuture', version: head.version, known: benchFileVersion });
	const parsed = benchFileSchema.safeParse(value);
	if (!parsed.success)
		return no(
			...parsed.error.issues.map((issue): BenchFileProblem => ({
				code: 'shape',
				path: issue.path.map((part) => (typeof part === 'symbol' ? String(part) : part)),
				...shapeFault(issue, value)
			}))
		);
	const file = parsed.data;
	const problems = checkHouse(file.house);
	if (problems.length > 0)
		return no(...problems.map((problem): BenchFileProblem => ({ code: 'house', problem })));
	if (!findBox(file.house, file.box)) return no({ code: 'noSuchBox', box: file.box });
	if (file.done > file.events.length) return no({ code: 'doneBeyondEnd' });
	const { bench, failed } = replayBench(file);
	return failed ? no({ code: 'event', ...failed }) : { ok: true, bench };
}
