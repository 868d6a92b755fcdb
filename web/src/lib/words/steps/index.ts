export type { StepWords, Telling } from './step';
export { stepWords } from './words';
export { carriedWords, visitWords } from './visits';
export {
	cautions,
	colourWords,
	expectedDeadWords,
	healthyWords,
	labelOf,
	partQuestions,
	toolWords,
	wayChoices
} from './things';
