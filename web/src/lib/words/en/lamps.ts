import type { PlugLamps } from '@wary/core/instruments';
import { terms } from './terms';

/** Which lamps of a plug-in tester are lit. */
export function lampsWords(lamps: PlugLamps, region: 'us' | 'uk'): string {
	const t = terms[region];
	const lit = [
		lamps.hotNeutral && `${t.hot}–${t.neutral}`,
		lamps.hotGround && `${t.hot}–${t.ground}`,
		lamps.neutralGround && `${t.neutral}–${t.ground}`
	].filter(Boolean);
	return lit.length === 0 ? 'all dark' : `lit: ${lit.join(', ')}`;
}
