import { findBreaker, mainPanel, settle, type House } from '@wary/core/house';
import {
	indicatorMarkV,
	lampGlows,
	readIndicatorV,
	readOhms,
	readPlugLamps,
	readVoltageV,
	type OhmReading,
	type PlugLamps,
	type Probes
} from '@wary/core/instruments';
import type { VoltReading } from '@wary/core/isolation';
import { halfProbes, pairProbes, provingUnitV, resistanceProbes, sourceVoltageV, wiringDuring } from '@wary/core/job';
import type { InstrumentRequest } from './commandSchema';
import type { LoadedJob } from './useCases';

/** What a simulated instrument shows. */
export type Shown =
	| { readonly kind: 'volts'; readonly reading: VoltReading }
	| { readonly kind: 'ohms'; readonly reading: OhmReading }
	| { readonly kind: 'lamps'; readonly lamps: PlugLamps }
	| { readonly kind: 'works'; readonly works: boolean }
	| { readonly kind: 'breaker'; readonly held: boolean }
	| { readonly kind: 'nothing' };

/** Takes a reading from a demo home's real wiring, as the job has left it so far: the record plays no part in it. */
export function takeReading(wiring: House, { plan, state }: LoadedJob, request: InstrumentRequest): Shown {
	const house = wiringDuring(wiring, plan, state);
	switch (request.what) {
		case 'live':
			return volts(house, halfProbes(plan.boxId, request.half), request.instrument, false);
		case 'pair': {
			const probes = pairProbes(plan, request.pair);
			// A conductor found beside the record is in nobody's wiring but the user's own.
			return probes ? volts(house, probes, request.instrument, request.lowImpedance) : { kind: 'nothing' };
		}
		case 'source': {
			const voltageV = request.source === 'provingUnit' ? provingUnitV : sourceVoltageV(house, request.source);
			return voltageV === null ? { kind: 'nothing' } : { kind: 'volts', reading: shown(voltageV, request.instrument, false) };
		}
		case 'ohms':
			return { kind: 'ohms', reading: readOhms(house, resistanceProbes(plan, request.check)) };
		case 'plug':
			return { kind: 'lamps', lamps: readPlugLamps(house, plan.boxId, request.half) };
		case 'neighbour': {
			const box = house.boxes.find(({ id }) => id === request.box);
			return { kind: 'works', works: box?.device !== undefined && lampGlows(house, box.id, house.region === 'us' ? 'upper' : 'left') };
		}
		case 'breaker': {
			const off = new Set(state.isolation.off);
			const on: House = {
				...house,
				panels: house.panels.map((panel) => ({
					...panel,
					breakers: panel.breakers.map((breaker) => (off.has(breaker.id) ? { ...breaker, on: true } : breaker))
				}))
			};
			const after = settle(on).house;
			return {
				kind: 'breaker',
				held: [...off].every((id) => findBreaker(after, id)?.on) && mainPanel(after).residualDevices.every((device) => device.on)
			};
		}
	}
}

function volts(house: House, probes: Probes, instrument: 'multimeter' | 'indicator', lowImpedance: boolean): Shown {
	if (instrument === 'indicator') return { kind: 'volts', reading: { instrument, litV: readIndicatorV(house, probes) as 0 } };
	return {
		kind: 'volts',
		reading: shown(readVoltageV(house, probes, lowImpedance ? 'lowImpedance' : 'highImpedance'), instrument, lowImpedance)
	};
}

/** As the display shows it: a meter to a tenth of a volt, an indicator by its marks. */
const shown = (voltageV: number, instrument: 'multimeter' | 'indicator', lowImpedance: boolean): VoltReading =>
	instrument === 'indicator'
		? { instrument, litV: indicatorMarkV(voltageV) as 0 }
		: { instrument, volts: Math.round(voltageV * 10) / 10, mode: lowImpedance ? 'lowImpedance' : 'highImpedance' };
