import type { House } from '@wary/core/house';
import { LRUCache } from 'lru-cache';
import { sums, type SumName } from './sums';

/** What a thread is given: a house by a number that stands for its text, and what is asked of it. */
export interface Asked {
	readonly house: number;
	readonly text: string;
	readonly name: SumName;
	readonly input: unknown;
}

/** Houses read lately: what is worked out once a house stays with them. */
const houses = new LRUCache<number, House>({ max: 4 });

/** One sum, on a thread of its own. */
export default ({ house: id, text, name, input }: Asked): unknown => {
	let house = houses.get(id);
	if (!house) houses.set(id, (house = JSON.parse(text) as House));
	return (sums[name] as (house: House, input: unknown) => unknown)(house, input);
};
