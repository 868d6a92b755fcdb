import { describe, expect, it } from 'vitest';
import { arrangements, here, newGfci, type ArrangementKind } from '../arrangements';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { findBox, withBox, type House, type Standing } from '../house';
import { fittingRatingsA, protectionAsked, withoutResidual } from './asked';

const arranged = (kind: ArrangementKind): House => arrangements.find((each) => each.kind === kind)!.build();
const asked = (house: House, box: string) => protectionAsked(house, findBox(house, box)!);
const withBreaker = (house: House, id: string, change: object): House => ({
	...house,
	panels: house.panels.map((panel) => ({
		...panel,
		breakers: panel.breakers.map((each) => (each.id === id ? { ...each, ...change } : each))
	}))
});
const sized = (house: House, circuit: string, size: '14AWG' | '12AWG' | '10AWG'): House => ({
	...house,
	cables: house.cables.map((cable) => (cable.circuit === circuit ? { ...cable, size } : cable))
});

describe('where today’s rule asks for protection', () => {
	const house = fennelLaneRecorded();

	it('is known by the words of room and outlet, with the clause that says so', () => {
		expect(asked(house, 'bath-mirror')).toMatchObject({ place: 'bathroom', code: 'NEC', edition: '2020' });
		expect(asked(house, 'bath-mirror')!.clause).toMatch(/^210\.8\(A\)/);
		expect(asked(house, 'kitchen-counter-left')).toMatchObject({ place: 'kitchen' });
	});

	it('goes by what was said of the place, and names what it is that asks', () => {
		const at = (place: Standing, edition?: '2017' | '2023') => {
			const said = withBox(house, 'sewing-east-wall', (box) => ({ ...box, place }));
			return asked({ ...said, ...(edition ? { edition } : {}) }, 'sewing-east-wall');
		};
		expect(at({})).toBe(null);
		expect(at({ kind: 'garage' })).toMatchObject({ place: 'garage', clause: '210.8(A)(2)', said: true });
		expect(at({ nearWater: true })).toMatchObject({
			place: 'nearWater',
			clause: '210.8(A)(7), (9)',
			said: true
		});
		expect(at({ damp: 'damp' })).toMatchObject({ place: 'dampIndoors', clause: '210.8(A)(11)', said: true });
		expect(at({ damp: 'damp' }, '2017')).toBe(null);
		expect(at({ damp: 'wet' }, '2023')).toMatchObject({ clause: '210.8(A)(12)', edition: '2023' });
		// In a kitchen, away from the worktop: a sink may be near, and nobody has said.
		const fridge = asked(house, 'kitchen-fridge')!;
		expect(fridge).toMatchObject({ place: 'nearWater' });
		expect(fridge.said).toBe(undefined);
	});

	it('is nowhere else', () => {
		for (const box of ['sewing-east-wall', 'music-piano', 'hall-coat-hooks'])
			if (findBox(house, box)) expect(asked(house, box), box).toBeNull();
	});

	it('asks nothing where the outlet guards itself, whatever it is called', () => {
		const guarded = withBox(house, 'bath-mirror', (box) => ({
			...box,
			device: newGfci,
			terminations: box.terminations.map((end) =>
				end.at.startsWith('terminal:hot')
					? {
							...end,
							at: end.at.includes('Upper') ? 'terminal:supplyHot' : 'terminal:loadHot',
							how: 'clampPlate' as const
						}
					: end.at.startsWith('terminal:neutral')
						? {
								...end,
								at: end.at.includes('Upper') ? 'terminal:supplyNeutral' : 'terminal:loadNeutral',
								how: 'clampPlate' as const
							}
						: end
			)
		}));
		expect(asked(guarded, 'bath-mirror')).toBeNull();
	});

	it('nor where its breaker guards it; one that is worn out or plain doesn’t', () => {
		expect(asked(withBreaker(house, 'b12', { type: 'residual' }), 'bath-mirror')).toBeNull();
		expect(asked(withBreaker(house, 'b12', { type: 'plain' }), 'bath-mirror')).not.toBeNull();
	});
});

describe('whether the panel opens at a leak', () => {
	it('uk: by an RCD over the way, or an RCBO in it', () => {
		const uk = tanneryRow();
		expect(withoutResidual(uk, 'b5')).toBe(false);
		const bare: House = { ...uk, panels: uk.panels.map((panel) => ({ ...panel, residualDevices: [] })) };
		expect(withoutResidual(bare, 'b5')).toBe(true);
		expect(withoutResidual(withBreaker(bare, 'b5', { type: 'residual' }), 'b5')).toBe(false);
		expect(withoutResidual(bare, 'no-such')).toBe(false);
	});
});

describe('ratings that fit, read off breaker and conductors', () => {
	const house = arranged('middleThrough');
	const circuit = house.circuits[0]!;
	const on = (ratingA: number, size: '14AWG' | '12AWG' | '10AWG') =>
		fittingRatingsA(
			sized(withBreaker(house, circuit.breaker, { ratingA }), circuit.id, size),
			here,
			circuit.breaker
		);

	it('15 A breaker: 15 A only, whatever the cable could carry', () => {
		expect(on(15, '14AWG')).toEqual([15]);
		expect(on(15, '12AWG')).toEqual([15]);
	});

	it('20 A breaker: 15 or 20 A where there are several; 14 AWG behind it limits them to 15 A', () => {
		expect(on(20, '12AWG')).toEqual([15, 20]);
		expect(on(20, '14AWG')).toEqual([15]);
	});

	it('30 A breaker: its own rating, for what is plugged in there needs it', () => {
		expect(on(30, '10AWG')).toEqual([30]);
	});

	it('uk: 13 A everywhere', () => {
		expect(fittingRatingsA(tanneryRow(), 'box-room-desk', 'b5')).toEqual([13]);
	});
});
