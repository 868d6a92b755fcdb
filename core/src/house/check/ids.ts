import type { House } from '../schema';
import type { HouseProblem, Path } from './problem';

/** Ids used twice: breakers and residual devices are told apart by theirs in the whole house, the rest in its list. */
export function uniqueIds(house: House): HouseProblem[] {
	const problems: HouseProblem[] = [];
	const check = (items: readonly { readonly id: string }[], path: Path) => {
		const seen = new Set<string>();
		items.forEach(({ id }, k) => {
			if (seen.has(id)) problems.push({ code: 'duplicateId', path: [...path, k, 'id'], id });
			seen.add(id);
		});
	};
	for (const key of ['rooms', 'panels', 'circuits', 'boxes', 'cables', 'loads'] as const)
		check(house[key], [key]);
	const breakersSeen = new Set<string>();
	const residualSeen = new Set<string>();
	house.panels.forEach((panel, k) => {
		panel.breakers.forEach(({ id }, b) => {
			if (breakersSeen.has(id))
				problems.push({ code: 'duplicateId', path: ['panels', k, 'breakers', b, 'id'], id });
			breakersSeen.add(id);
		});
		panel.residualDevices.forEach(({ id }, r) => {
			if (residualSeen.has(id))
				problems.push({ code: 'duplicateId', path: ['panels', k, 'residualDevices', r, 'id'], id });
			residualSeen.add(id);
		});
	});
	house.cables.forEach((cable, k) => check(cable.conductors, ['cables', k, 'conductors']));
	house.boxes.forEach((box, k) => {
		check(box.joints, ['boxes', k, 'joints']);
		check(box.pigtails, ['boxes', k, 'pigtails']);
		check(box.worries, ['boxes', k, 'worries']);
	});
	return problems;
}
