import type { Need } from '@wary/core/shopping';
import { connectorFor, type Connector } from '@wary/core/sums';

/** Which of one’s own connectors makes a joint; where some are written down and none is listed for it, that. `null`: nothing to say. */
export function ownWords(need: Need, own: readonly Connector[]): string | null {
	if (need.kind !== 'connector' || own.length === 0) return null;
	const fitting = connectorFor(own, need);
	return fitting
		? `yours, ${fitting.name}${fitting.stripMm === null ? '' : `, strip ${fitting.stripMm} mm`}`
		: 'none of those you have is listed for it; another is bought, or the wires are joined otherwise';
}
