import type { Region } from '@wary/core/rules';
import { terms } from './terms';

export const words = {
	title: 'Protection',
	lead: (code: string, edition: string) =>
		`Circuit by circuit: what ${code} ${edition} asks at each outlet, what guards it as it is wired, and where the fewest devices would go.`,
	none: 'No circuit with outlets is on record yet. Add breakers and circuits on the House page first.',
	missing: (count: number) => `${count} to guard`,
	complete: 'nothing missing',
	asked: (clause: string) => `asked, ${clause}`,
	maybe: 'asked in some places: say what place it is',
	notAsked: 'not asked',
	guardedHere: 'guards itself, and what is on its LOAD side',
	guardedBy: (who: string) => `guarded by ${who}`,
	byPanel: (region: Region) => `guarded from the ${terms[region].panel}`,
	open: 'nothing guards it',
	spared: 'something here mustn’t go off unnoticed',
	cannot: 'no place for a device',
	plan: 'The fewest that cover it',
	put: (where: string) => `A GFCI at ${where}`,
	covers: (places: string) => `guards ${places}`,
	itself: 'guards itself',
	onLoad: (places: string, others: string) =>
		`on its LOAD side goes ${places}${others ? `; ${others} stays on LINE` : ''}`,
	uncovered: (places: string) =>
		`Out of reach of any outlet: ${places}. A breaker that opens at a leak covers them: an electrician’s.`,
	instead: (places: string) => `Does as well there: ${places}. Take the one you reach best.`,
	orBreaker: 'Or one breaker that opens at a leak, for all of it: an electrician’s.',
	planIt: (where: string) => `Plan it at ${where}`,
	twice: (places: string) => `${places}: a device behind another one. It adds nothing but confusion.`,
	ukAdvice: (region: Region) =>
		`Nothing on record guards this circuit: a ${terms[region].handTo} fits a 30 mA RCD in the ${terms[region].panel}. A socket with its own RCD guards its own face only.`,
	tree: (circuit: string) => `Who guards whom on ${circuit}`
};
