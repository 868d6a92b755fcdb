import type { HouseProblem, Path } from '../house/check';

/** A path as one would write it: `boxes[3].terminations[0].at`. */
export function describePath(path: Path): string {
	if (path.length === 0) return 'the file';
	return path
		.map((part, k) => (typeof part === 'number' ? `[${part}]` : k === 0 ? part : `.${part}`))
		.join('');
}

/** What is wrong in a house file, in a sentence, without the place. */
export function describeProblem(problem: HouseProblem): string {
	switch (problem.code) {
		case 'shape':
			return problem.message;
		case 'duplicateId':
			return `the id “${problem.id}” is used twice`;
		case 'unknown':
			return problem.id === ''
				? `a ${problem.what} is missing`
				: `there is no ${problem.what} “${problem.id}”`;
		case 'cableNotInBox':
			return `cable “${problem.cable}” doesn’t enter box “${problem.box}”`;
		case 'danglingConductor':
			return `conductor “${problem.conductor}” of cable “${problem.cable}” ends nowhere in box “${problem.box}”; say where, or “capped”`;
		case 'conductorTwice':
			return `conductor “${problem.conductor}” of cable “${problem.cable}” is on two terminals`;
		case 'terminalOverfull':
			return `${problem.wires} wires on “${problem.terminal}”, which takes ${problem.takes} that way`;
		case 'notHeldThatWay':
			return `terminal “${problem.terminal}” has no ${problem.how}`;
		case 'tooManyCables':
			return `${problem.cables} cables end in box “${problem.box}”; that is more than one box holds`;
		case 'spaceTaken':
			return `space ${problem.space} is taken by “${problem.by}”`;
		case 'spaceOutside':
			return `there is no space ${problem.space}; the panel has ${problem.spaces}`;
		case 'twoPoleAcross':
			return `a two-pole breaker can’t sit in spaces ${problem.spaces.join(' and ')}`;
		case 'coveredTwice':
			return `breaker “${problem.breaker}” is behind two residual devices`;
		case 'noMetal':
			return `box “${problem.box}” isn’t metal`;
		case 'sizeNotMade':
			return `${problem.size} house cable isn’t made in ${problem.material}`;
		case 'feedsItself':
			return `panel “${problem.panel}” would be fed from itself`;
		case 'chainCycle':
			return `cable “${problem.cable}” closes a loop in circuit “${problem.circuit}”; only a ring comes back, and only to the panel`;
		case 'cableToItself':
			return `the cable begins and ends in box “${problem.box}”`;
	}
}
