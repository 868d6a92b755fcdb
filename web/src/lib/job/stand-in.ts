import type { PlugLamps } from '@wary/core/instruments';
import type { OhmReading } from '@wary/core/instruments';
import type { VoltReading } from '@wary/core/isolation';
import type { LoadedReading } from '@wary/core/job';
import type { Found } from '@wary/core/job';

export type Shown =
	| { readonly kind: 'volts'; readonly reading: VoltReading }
	| { readonly kind: 'ohms'; readonly reading: OhmReading }
	| { readonly kind: 'lamps'; readonly lamps: PlugLamps; readonly holds: boolean }
	| { readonly kind: 'works'; readonly works: boolean }
	| { readonly kind: 'breaker'; readonly held: boolean }
	| { readonly kind: 'answer'; readonly answer: 'dark' | 'on' }
	| { readonly kind: 'alarm'; readonly alarms: boolean }
	| { readonly kind: 'found'; readonly found: Found }
	| ({ readonly kind: 'loaded' } & LoadedReading)
	| { readonly kind: 'strongest'; readonly breaker: string | null };

/** Takes a reading with a demo home's simulated instrument; null when it can't be had. */
export type StandIn = (request: Record<string, unknown>) => Promise<Shown | null>;

export const standInAt =
	(address: string): StandIn =>
	async (request) => {
		try {
			const response = await fetch(`${address}/instrument`, {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify(request)
			});
			return response.ok ? ((await response.json()) as { shown: Shown }).shown : null;
		} catch {
			return null;
		}
	};
