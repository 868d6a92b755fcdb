import type { Region } from './regions';

/** How much of the voltage a circuit may lose from its breaker to an outlet, and by which text. */
export interface DropRule {
	readonly share: number;
	readonly source: string;
}

/** us: a recommendation, not a rule; uk: from the origin, for other than lighting. */
export const dropRules: Readonly<Record<Region, DropRule>> = {
	us: { share: 0.03, source: 'NEC 210.19(A), informational note' },
	uk: { share: 0.05, source: 'BS 7671 app. 4, table 4Ab' }
};
