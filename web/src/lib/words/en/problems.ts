import { pathText, type HouseProblem, type Path } from '@wary/core/files';
import { echo, type ShapeFault } from '@wary/core/text';

/** A place in a file: the path to it, or the whole. */
export const describePath = (path: Path): string => pathText(path) || 'the file';

/** What is wrong in a house file, in a sentence, without the place. */
export function describeProblem(problem: HouseProblem): string {
	switch (problem.code) {
		case 'shape':
			return describeShape(problem);
		case 'duplicateId':
			return `the id “${echo(problem.id)}” is used twice`;
		case 'unknown':
			return problem.id === ''
				? `a ${problem.what} is missing`
				: `there is no ${problem.what} “${echo(problem.id)}”`;
		case 'cableNotInBox':
			return `cable “${echo(problem.cable)}” doesn’t enter box “${echo(problem.box)}”`;
		case 'danglingConductor':
			return `conductor “${echo(problem.conductor)}” of cable “${echo(problem.cable)}” ends nowhere in box “${echo(problem.box)}”; say where, or “capped”`;
		case 'conductorTwice':
			return `conductor “${echo(problem.conductor)}” of cable “${echo(problem.cable)}” is on two terminals`;
		case 'terminalOverfull':
			return `${problem.wires} wires on “${echo(problem.terminal)}”, which takes ${problem.takes} that way`;
		case 'notHeldThatWay':
			return `terminal “${echo(problem.terminal)}” has no ${problem.how}`;
		case 'tooManyCables':
			return `${problem.cables} cables end in box “${echo(problem.box)}”; that is more than one box holds`;
		case 'spaceTaken':
			return `space ${problem.space} is taken by “${echo(problem.by)}”`;
		case 'spaceOutside':
			return `there is no space ${problem.space}; the panel has ${problem.spaces}`;
		case 'twoPoleAcross':
			return `a two-pole breaker can’t sit in spaces ${problem.spaces.join(' and ')}`;
		case 'coveredTwice':
			return `breaker “${echo(problem.breaker)}” is behind two residual devices`;
		case 'noMetal':
			return `box “${echo(problem.box)}” isn’t metal`;
		case 'notOneBox':
			return `“${echo(problem.box)}” can’t share a box with “${echo(problem.with)}”: devices of one box are in one room, of one material, and each names the first of them`;
		case 'sizeNotMade':
			return `${problem.size} house cable isn’t made in ${problem.material}`;
		case 'feedsItself':
			return `panel “${echo(problem.panel)}” would be fed from itself`;
		case 'chainCycle':
			return `cable “${echo(problem.cable)}” closes a loop in circuit “${echo(problem.circuit)}”; only a ring comes back, and only to the panel`;
		case 'cableToItself':
			return `the cable begins and ends in box “${echo(problem.box)}”`;
		case 'ringOpen':
			return `circuit “${echo(problem.circuit)}” is a ring, and its cables don’t lead back to the panel; record it as a radial, or add the cable that closes it`;
		case 'otherPanel':
			return `cable “${echo(problem.cable)}” starts at another panel than the breaker of circuit “${echo(problem.circuit)}”, which sits in “${echo(problem.panel)}”`;
		case 'landingNotAtPanel':
			return `cable “${echo(problem.cable)}” doesn’t start at a panel, so it has no landings`;
		case 'namedTwice':
			return `“${echo(problem.id)}” is named twice`;
		case 'tooThick':
			return `${sizeWords(problem.size)} is too thick for a ${howWords(problem.how)}, which takes up to ${sizeWords(problem.takes)}`;
		case 'noConnector':
			return `joint “${echo(problem.joint)}” is held by a ${howWords(problem.how)}; wires are joined by a connector: twistOn, lever, crimp, screw or pillar`;
		case 'tailToNothing':
			return `pigtail “${echo(problem.pigtail)}” leads from nothing to nothing`;
		case 'otherRegion':
			return otherRegion(problem.what, echo(problem.found));
		case 'noMetalSheath':
			return `a ${problem.sheath === 'nonmetallic' ? 'nonmetallic' : 'twin-and-earth'} sheath has no metal; only armour and conduit have`;
	}
}

const sizeWords = (size: string): string => size.replace('AWG', ' AWG').replace('mm2', ' mm²');
const ways: Readonly<Record<string, string>> = {
	hook: 'hook under a screw',
	clampPlate: 'clamp plate',
	pushIn: 'push-in spring',
	pillar: 'pillar',
	screw: 'screw'
};
const howWords = (how: string): string => ways[how] ?? how;

function otherRegion(what: Extract<HouseProblem, { code: 'otherRegion' }>['what'], found: string): string {
	switch (what) {
		case 'size':
			return `${sizeWords(found)} cable is sold in the other region`;
		case 'device':
			return `a “${found}” is sold in the other region`;
		case 'voltage':
			return `${found} is no supply of this region`;
		case 'tandem':
			return 'thin breakers that share a space are found in us panels only';
		case 'residualDevice':
			return `residual device “${found}”: only uk units have one before several breakers`;
		case 'edition':
			return `an edition “${found}” is of the other region’s code book`;
		case 'earthing':
			return 'a us home is bonded at its service panel; earthing is said of uk homes only';
	}
}

const typeWords: Readonly<Record<string, string>> = {
	number: 'a number',
	int: 'a whole number',
	string: 'text',
	boolean: 'true or false',
	array: 'a list',
	object: 'an object in braces',
	null: 'null'
};

/** A value of the wrong form, in a sentence without its place. */
export function describeShape(problem: ShapeFault): string {
	switch (problem.fault) {
		case 'missing':
			return 'is missing';
		case 'wrongType':
			return `should be ${typeWords[problem.expected] ?? problem.expected}`;
		case 'tooSmall':
			return problem.of === 'number'
				? `should be at least ${problem.least}`
				: problem.of === 'text'
					? problem.least === 1
						? 'is empty'
						: `should have at least ${problem.least} characters`
					: `should have at least ${problem.least}`;
		case 'tooLarge':
			return problem.of === 'number'
				? `should be at most ${problem.most}`
				: problem.of === 'text'
					? `is longer than ${problem.most} characters`
					: `has more than ${problem.most}`;
		case 'unknownKeys':
			return `has nothing called ${problem.keys
				.slice(0, 3)
				.map((key) => `“${echo(key)}”`)
				.join(', ')}${problem.keys.length > 3 ? ` and ${problem.keys.length - 3} more` : ''}`;
		case 'notOneOf':
			return problem.options.length === 0
				? 'is none of what can stand here'
				: `should be one of: ${problem.options.join(', ')}`;
		case 'badDate':
			return 'should be a date such as 2026-11-24';
		case 'badId':
			return 'should be a short name of letters, digits and hyphens, beginning with a small letter or a digit, at most 40';
		case 'badPlace':
			return 'should be terminal:NAME, joint:ID, box, capped or bare';
		case 'notStorable':
			return 'has a control character or half a character in it';
		case 'nothingToSee':
			return 'has nothing in it that can be seen';
		case 'fitsNothing':
			return 'is none of what can stand here';
	}
}
