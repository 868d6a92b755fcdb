import { withBox } from '../house';
import { benchAt, inBox, type Doing } from './at';
import { addCable, removeCable } from './cables';
import { landTail, wiresAt } from './landing';
import { refuse, unknown } from './refusal';

/** Tails, joints and cables of the box. */
export const inTheBox: Doing<
	'makeTail' | 'landTail' | 'removeTail' | 'makeJoint' | 'removeJoint' | 'addCable' | 'removeCable'
> = {
	makeTail: ({ house, box }, { tail: id, role, colour, from, to }) => {
		if (box.pigtails.some((tail) => tail.id === id)) return refuse({ code: 'idTaken', id });
		// Made loose, then put where it goes, one end after the other: each end is refused as any wire would be.
		const loose = withBox(house, box.id, (each) => ({
			...each,
			pigtails: [...each.pigtails, { id, role, colour, from: 'bare', to: 'bare' }]
		}));
		const begun = landTail(benchAt(loose, box.id), { kind: 'landTail', tail: id, end: 'from', at: from });
		return begun.ok
			? landTail(benchAt(begun.house, box.id), { kind: 'landTail', tail: id, end: 'to', at: to })
			: begun;
	},
	landTail,
	removeTail: (at, { tail }) =>
		at.box.pigtails.some(({ id }) => id === tail)
			? inBox(at, (box) => ({ ...box, pigtails: box.pigtails.filter(({ id }) => id !== tail) }))
			: unknown('tail', tail),
	makeJoint: (at, { joint: id, how }) =>
		at.box.joints.some((joint) => joint.id === id)
			? refuse({ code: 'idTaken', id })
			: inBox(at, (box) => ({ ...box, joints: [...box.joints, { id, how }] })),
	removeJoint: (at, { joint }) => {
		if (!at.box.joints.some(({ id }) => id === joint)) return unknown('joint', joint);
		const wires = wiresAt(at.box, `joint:${joint}`);
		return wires > 0
			? refuse({ code: 'jointInUse', wires })
			: inBox(at, (box) => ({ ...box, joints: box.joints.filter(({ id }) => id !== joint) }));
	},
	addCable: ({ house, box }, event) => addCable(house, box, event),
	removeCable: ({ house, box }, { id }) => removeCable(house, box, id)
};
