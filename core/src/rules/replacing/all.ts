import type { Region } from '../regions';
import type { Rule } from './rule';
import { ukRules } from './uk';
import { ownRules, usRules } from './us';

/** All rules of replacing an outlet, by region. */
export const replacingRules: Readonly<Record<Region, readonly Rule[]>> = {
	us: [...usRules, ...ownRules],
	uk: [...ukRules, ...ownRules]
};
