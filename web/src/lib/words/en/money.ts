import type { Region } from '@wary/core/rules';
import { terms } from './terms';

/** Hundredths as a plain figure. */
export const plainMoney = (minor: number): string => (minor / 100).toFixed(2);

const currency: Record<Region, string> = { us: 'USD', uk: 'GBP' };
/** Money as one writes it there. */
export const moneyWord = (minor: number, region: Region): string =>
	new Intl.NumberFormat(terms[region].locale, { style: 'currency', currency: currency[region] }).format(
		minor / 100
	);
export const currencySign: Record<Region, string> = { us: '$', uk: '£' };
