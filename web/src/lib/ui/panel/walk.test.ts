import { describe, expect, it } from 'vitest';
import { nextAlong } from './walk';

const at = (name: string, x: number, y: number) => ({
	name,
	getBoundingClientRect: () => ({ x, y, width: 100, height: 40 }) as DOMRect
});
/** Two columns of three, and a wide gap in the right one. */
const all = [at('1', 0, 0), at('3', 0, 50), at('5', 0, 100), at('2', 120, 0), at('6', 120, 100)];
const from = (name: string, arrow: string) =>
	nextAlong(
		all.find((each) => each.name === name)!,
		arrow,
		all
	)?.name;

describe('walking a panel by its arrows', () => {
	it('goes to the next one in that direction, and stays in its column where there is one', () => {
		expect([from('1', 'ArrowDown'), from('3', 'ArrowDown'), from('2', 'ArrowDown')]).toEqual(['3', '5', '6']);
		expect([from('5', 'ArrowUp'), from('6', 'ArrowUp')]).toEqual(['3', '2']);
	});
	it('goes across to the one beside, or the nearest to it', () => {
		expect([from('1', 'ArrowRight'), from('6', 'ArrowLeft')]).toEqual(['2', '5']);
		expect(['2', '6']).toContain(from('3', 'ArrowRight'));
	});
	it('goes nowhere past the edge, and by no other key', () => {
		expect([
			from('1', 'ArrowUp'),
			from('5', 'ArrowDown'),
			from('2', 'ArrowRight'),
			from('1', 'Enter')
		]).toEqual([undefined, undefined, undefined, undefined]);
	});
});
