import type { CsvProblem } from '@wary/core/files';
import type { House } from '@wary/core/house';
import { editedRefusalWords } from './edits';

/** What is wrong in a table, for a person with the file open. */
export function csvProblemWords(problem: CsvProblem, house: House): string {
	const value = problem.value ? `“${problem.value}” ` : '';
	switch (problem.code) {
		case 'noRows':
			return 'No rows below a heading row.';
		case 'missingColumn':
			return `The heading has no column “${problem.column}”.`;
		case 'missing':
			return 'Empty, and must not be.';
		case 'notANumber':
			return `${value}isn’t a number${problem.detail ? ` from ${problem.detail}` : ''}.`;
		case 'notASpace':
			return `${value}isn’t a space: write 14, 5+7 for two poles, 14a for one of two thin ones.`;
		case 'notOneOf':
			return `${value}isn’t one of: ${problem.detail}.`;
		case 'twice':
			return `${value}was named in line ${problem.detail} already.`;
		case 'unknownPanel':
			return `${value}isn’t a panel here; there is ${problem.detail}.`;
		case 'unknownOutlet':
			return `${value}is no outlet here or in the file. Write it as “Room / outlet”.`;
		case 'afterItself':
			return `${value}leads back to this outlet: the chain goes round.`;
		case 'onTwoChains':
			return `${value}is put on another circuit in line ${problem.detail}.`;
		case 'newNeedsBreaker':
			return 'A new circuit needs its breaker.';
		case 'unclosedQuote':
			return 'A quotation mark is opened and not closed.';
		case 'tooManyCells':
			return `${value}stands beyond the last column of the heading.`;
		case 'refused':
			return problem.refusal
				? editedRefusalWords(problem.refusal, house)
				: 'It doesn’t fit what is on record.';
	}
}
