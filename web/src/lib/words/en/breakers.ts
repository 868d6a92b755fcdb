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

/** What is printed behind a rating, where it is no plain breaker. */
export function breakerTypeShort(type: BreakerType | undefined, region: Region): string {
	switch (type) {
		case 'residual':
			return region === 'us' ? ' GF' : ' RCBO';
		case 'arcFault':
			return ' AF';
		case 'dualFunction':
			return ' AF/GF';
		case 'fuse':
			return ' fuse';
		default:
			return '';
	}
}

/** How likely, in two digits at most: nothing is ever certain. */
export const percentShort = (share: number): string =>
	share >= 0.995 ? '99 %' : share < 0.01 ? '<1 %' : `${Math.round(share * 100)} %`;

/** Read out after the figure. */
export const likelySaid = (isShare: boolean, off: boolean): string =>
	`${isShare ? ' likely' : ' A'}, ${off ? 'off' : 'on'}`;
