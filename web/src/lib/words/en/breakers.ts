import type { BreakerType } from '@wary/core/house';
import type { Region } from '@wary/core/rules';

export function breakerTypeWords(type: BreakerType, region: Region): string {
	const uk = region === 'uk';
	switch (type) {
		case 'plain':
			return uk ? 'MCB' : 'breaker';
		case 'residual':
			return uk ? 'RCBO' : 'GFCI breaker';
		case 'arcFault':
			return uk ? 'AFDD' : 'AFCI breaker';
		case 'dualFunction':
			return uk ? 'AFDD with RCBO' : 'dual function (AFCI and GFCI)';
		case 'fuse':
			return 'fuse';
	}
}
