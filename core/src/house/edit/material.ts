import { regions } from '../../rules';
import { deviceModel } from '../devices';
import type { Box, House } from '../schema';
import { freshId, idsOf } from './ids';

/** A box said to be of metal or plastic: what was bonded to its metal goes with it, or comes. */
export function boxOfMaterial(house: House, box: Box, material: Box['material']): Box {
	if (material === box.material) return box;
	if (material === 'plastic')
		return {
			...box,
			material,
			terminations: box.terminations.map(({ touches: _gone, ...end }) =>
				end.at === 'box' ? { ...end, at: 'capped' } : end
			),
			pigtails: box.pigtails.filter(({ from, to }) => from !== 'box' && to !== 'box')
		};
	const joint = box.joints.find(({ id }) => id === 'ground');
	const earth = box.device && deviceModel(box.device).terminals.find(({ role }) => role === 'ground');
	const id = freshId('box-bond', 'tail', idsOf(box.pigtails));
	const { joins, boxBond } = regions[house.region].custom;
	const tail = { id, role: 'ground' as const, ...boxBond };
	const bond =
		joins === 'splices'
			? joint
				? [{ ...tail, from: 'joint:ground', to: 'box' }]
				: []
			: earth
				? [{ ...tail, from: 'box', to: `terminal:${earth.name}` }]
				: [];
	return {
		...box,
		material,
		pigtails: box.terminations.length > 0 ? [...box.pigtails, ...bond] : box.pigtails
	};
}
