export type { StepWords, Telling } from './step';
export { stepWords } from './words';
export { answeredRows, inOneGo, rowKey, rowsOf, type Rows } from './rows';
export {
	baselineVerdictWords,
	groundEarthVerdict,
	ohmVerdictWords,
	plateScrewVerdict,
	protectionChoices,
	protectionNotice
} from './second';
export { carriedWords, visitWords } from './visits';
export {
	cautions,
	colourWords,
	expectedDeadWords,
	healthyWords,
	labelOf,
	partQuestions,
	toolWords
} from './things';
