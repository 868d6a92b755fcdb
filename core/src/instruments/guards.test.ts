import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drawn } from '../../test/draws';
import { arrangements, here } from '../arrangements';
import { fennelLaneActual, tanneryRow } from '../demo';
import {
	deviceModel,
	mainPanel,
	points,
	settle,
	withBox,
	withBreakers,
	withTripped,
	wornOut,
	type House
} from '../house';
import { mistakesOf } from '../mistakes';
import { magnitude, zero } from '../network';
import { regions } from '../rules';
import { guardsAt, leakMa, type Guard } from './index';

/** The same asked of `settle`, a house solved anew for each: what the fast way is held against. */
function guardBySettling(house: House, hot: string): Guard {
	const before = settle(house);
	const volts = ({ solution }: ReturnType<typeof settle>) =>
		solution.outcome === 'singular' ? 0 : magnitude(solution.voltageV.get(hot) ?? zero);
	if (volts(before) < 50) return { state: 'dead' };
	const after = settle(before.house, [
		{
			kind: 'resistor',
			id: 'leak',
			from: hot,
			to: points.earth(mainPanel(house).id),
			resistanceOhm: (regions[house.region].supply.nominalV / leakMa[house.region]) * 1000
		}
	]);
	const opened = after.trips.find(({ cause }) => cause === 'residual');
	return !opened || volts(after) >= 50
		? { state: 'none' }
		: { state: 'guarded', device: opened.device, where: opened.where, afterS: opened.afterS };
}

const hotsOf = ({ boxes }: House): string[] =>
	boxes.flatMap(({ id, device }) =>
		device ? deviceModel(device).halves.map((half) => points.contact(id, half, 'hot')) : []
	);

/** Guards as they are told; times to six digits, which is far beyond what a curve can say. */
const told = (guards: readonly Guard[]) =>
	guards.map((guard) =>
		guard.state === 'guarded' ? { ...guard, afterS: Number(guard.afterS.toPrecision(6)) } : guard
	);

const sameAsSettling = (house: House): void => {
	const hots = hotsOf(house);
	expect(
		told(
			guardsAt(
				house,
				hots.map((hot) => ({ hot }))
			)
		)
	).toEqual(told(hots.map((hot) => guardBySettling(house, hot))));
};

/** What may open before the circuit: nothing, the breaker itself, or a device of the consumer unit. */
const before = {
	nothing: (house: House): House => house,
	breaker: (house: House): House => ({
		...house,
		panels: house.panels.map((panel) => ({
			...panel,
			breakers: panel.breakers.map((breaker) => ({ ...breaker, type: 'residual' as const }))
		}))
	}),
	residualDevice: (house: House): House => ({
		...house,
		panels: house.panels.map((panel) => ({
			...panel,
			residualDevices: [
				{
					...tanneryRow().panels[0]!.residualDevices[0]!,
					on: true,
					covers: panel.breakers.map(({ id }) => id)
				}
			]
		}))
	})
};

/** Every arrangement, with a mistake in it or none, its own devices opened or shut, a breaker off. */
const houses = fc
	.record({
		arrangement: fc.constantFrom(...arrangements),
		nth: fc.nat(),
		opened: fc.boolean(),
		off: fc.nat(15),
		guard: fc.constantFrom(...(['nothing', 'breaker', 'residualDevice'] as const))
	})
	.map(({ arrangement, nth, opened, off, guard }) => {
		const sound = arrangement.build();
		const mistakes = mistakesOf(sound, here);
		const wrong = mistakes[nth % (mistakes.length + 1)]?.apply(sound) ?? sound;
		const turned = withBox(wrong, here, (box) =>
			box.device ? { ...box, device: withTripped(box.device, opened) } : box
		);
		const ids = turned.panels.flatMap(({ breakers }) =>
			breakers.map(({ id }, k) => [id, k !== off] as const)
		);
		return withBreakers(
			before[turned.region === 'us' && guard === 'residualDevice' ? 'nothing' : guard](turned),
			Object.fromEntries(ids)
		);
	});

describe('what guards many places, from one factorisation', () => {
	it.each([
		['the bungalow', fennelLaneActual],
		['the terraced house', tanneryRow]
	])('is what each asked by itself comes to, in %s', (_, home) => sameAsSettling(home()));
	it('is so with whatever is wrong, opened or off', () => {
		fc.assert(fc.property(houses, sameAsSettling), drawn(611, 150, 2000));
	});
	it('with one device worn out is what a house with that one worn out comes to', () => {
		fc.assert(
			fc.property(houses, (house) => {
				for (const { id, device } of house.boxes) {
					if (!device || settle(house).trips.some((trip) => trip.device === id)) continue;
					const hots = hotsOf({ ...house, boxes: house.boxes.filter((box) => box.id === id) });
					const worn = withBox(house, id, (box) => ({ ...box, device: wornOut(device) }));
					expect(
						told(
							guardsAt(
								house,
								hots.map((hot) => ({ hot, wornOut: id }))
							)
						)
					).toEqual(told(hots.map((hot) => guardBySettling(worn, hot))));
				}
			}),
			drawn(613, 100, 1000)
		);
	});
	it('meets each of its endings', () => {
		const states = new Set(
			fc.sample(houses, drawn(612, 150)).flatMap((house) =>
				guardsAt(
					house,
					hotsOf(house).map((hot) => ({ hot }))
				).map((guard) => (guard.state === 'guarded' ? guard.where : guard.state))
			)
		);
		expect([...states].sort()).toEqual(['breaker', 'dead', 'none', 'outlet', 'residualDevice']);
	});
});
