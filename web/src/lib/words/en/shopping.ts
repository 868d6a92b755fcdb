import type { Kept } from '@wary/core/shopping';
import type { Region } from '@wary/core/rules';
import { planFailureWords } from './refusals';
import { terms } from './terms';

export const words = {
	isFor: (places: string) => `for ${places}`,
	title: (home: string) => `Shopping list · ${home}`,
	list: 'Shopping list',
	lead: 'What the plans kept here need, all together. Tick what you have; write in what things cost where you buy.',
	none: 'No plan is kept. On the page of an outlet, plan what goes in, and keep the plan: what it needs stands here.',
	plans: 'Plans kept',
	open: 'Open',
	drop: 'Take off the list',
	dropOf: (place: string) => `Take ${place} off the list`,
	dropped: 'Taken off the list',
	again: 'the same again',
	putBack: 'taken out and put back',
	becomes: (place: string, what: string) => `${place}: ${what}`,
	toBuy: 'To buy',
	tools: 'Tools',
	have: 'I have it',
	haveOf: (what: string) => `${what}: I have it`,
	each: 'each',
	priceOf: (what: string) => `Price of one: ${what}`,
	together: 'Together',
	parts: 'Parts',
	unpriced: (count: number) => `${count} without a price`,
	ownTime: 'Your time, hours',
	hour: 'An hour of yours is worth',
	time: 'Your time',
	callOut: 'What a call-out would cost',
	saved: 'Left by doing it yourself',
	costsMore: 'Doing it yourself costs more by',
	notYet: 'Parts without a price, or no call-out: nothing to compare yet.',
	priceRange: 'A sum from 0 to 1,000,000, with at most two decimals.',
	hoursRange: 'Hours from 0 to 720.',
	csv: 'As a table (CSV)',
	print: 'Print',
	kept: 'Kept. Its parts are on the shopping list',
	keep: 'Keep it for the shopping list',
	onTheList: 'On the shopping list',
	cost: (sum: string, unpriced: number) =>
		`Parts by your prices: ${sum}${unpriced > 0 ? `, and ${unpriced} without a price` : ''}`,
	toTheList: 'Shopping list'
};

/** Columns of the table that a spreadsheet reads. */
export const csvColumns = ['item', 'number', 'owned', 'price_each', 'together', 'for'];
/** Hundredths as a plain figure. */
export const plainMoney = (minor: number): string => (minor / 100).toFixed(2);

const currency: Record<Region, string> = { us: 'USD', uk: 'GBP' };
/** Money as one writes it there. */
export const moneyWord = (minor: number, region: Region): string =>
	new Intl.NumberFormat(terms[region].locale, { style: 'currency', currency: currency[region] }).format(
		minor / 100
	);
export const currencySign: Record<Region, string> = { us: '$', uk: '£' };

/** Why a kept plan can’t be done as the house is now. */
export const keptFailureWords = (failure: Extract<Kept, { ok: false }>['failure'], region: Region): string =>
	failure.code === 'ruledOut'
		? 'A rule is in the way of it now. Open it to see which, and choose again.'
		: `It can’t be done as the record is now. ${planFailureWords(failure, region)}`;
