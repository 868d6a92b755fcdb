import { arrangements, here, type Arrangement } from '../src/arrangements';
import { compileHouse, withBreakers, type House } from '../src/house';
import { mistakesOf } from '../src/mistakes';
import type { Network } from '../src/network';

export interface Case {
	readonly arrangement: Arrangement;
	readonly mistake: string;
	readonly breaker: 'on' | 'off';
	readonly network: Network;
}

/** Something plugged in everywhere, so that current flows and differs from place to place. */
const loaded = (house: House): House => ({
	...house,
	loads: house.boxes.flatMap((box, k) => {
		const half =
			box.device?.kind === 'duplex' || box.device?.kind === 'twoSlot' || box.device?.kind === 'gfci'
				? 'lower'
				: 'left';
		const has = box.device && box.device.kind !== 'switch' && box.device.kind !== 'fusedSpur';
		return has
			? [
					{
						id: `load${k}`,
						name: `load ${k}`,
						box: box.id,
						half,
						resistanceOhm: 90 + 61 * k,
						on: true
					} as const
				]
			: [];
	})
});

/** Every arrangement, as it should be and with each single mistake it admits, the breaker on and off. uk ones with and without a residual device before them. */
export function everyNetwork(arrangement: Arrangement): Case[] {
	const house = loaded(
		arrangement.build({ residual: arrangement.kind === 'ring' || arrangement.kind === 'radialEnd' })
	);
	const made = [
		{ mistake: 'none', house },
		...mistakesOf(house, here).map(({ id, apply }) => ({ mistake: id, house: apply(house)! }))
	];
	return made.flatMap(({ mistake, house: wrong }) =>
		(['on', 'off'] as const).map((breaker): Case => ({
			arrangement,
			mistake,
			breaker,
			network: compileHouse(withBreakers(wrong, { b1: breaker === 'on' }))
		}))
	);
}

export const everyArrangement = arrangements;
