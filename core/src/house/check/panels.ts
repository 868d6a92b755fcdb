import { panelOf } from '../lookup';
import type { House, Panel } from '../schema';
import type { HouseProblem, Path } from './problem';
import { regions } from '../../rules';

export function checkPanel(house: House, panel: Panel, path: Path): HouseProblem[] {
	const problems: HouseProblem[] = [];
	const taken: { space: number; breaker: Panel['breakers'][number] }[] = [];
	panel.breakers.forEach((breaker, k) => {
		const at = [...path, 'breakers', k, 'spaces'];
		breaker.spaces.forEach((space, s) => {
			// Two thin breakers may share a space, one to a half.
			const by = taken.find(
				(other) =>
					other.space === space &&
					(!breaker.tandem || !other.breaker.tandem || breaker.tandem === other.breaker.tandem)
			);
			if (by) problems.push({ code: 'spaceTaken', path: [...at, s], space, by: by.breaker.id });
			taken.push({ space, breaker });
			if (space > panel.spaces)
				problems.push({ code: 'spaceOutside', path: [...at, s], space, spaces: panel.spaces });
		});
		const [first, second] = breaker.spaces;
		const apart = regions[house.region].supply.spaceStep;
		if (second !== undefined && second - first! !== apart)
			problems.push({ code: 'twoPoleAcross', path: at, spaces: breaker.spaces });
		const { tiedWith } = breaker;
		if (
			tiedWith !== undefined &&
			(tiedWith === breaker.id || !panel.breakers.some(({ id }) => id === tiedWith))
		)
			problems.push({
				code: 'unknown',
				what: 'breaker',
				path: [...path, 'breakers', k, 'tiedWith'],
				id: tiedWith
			});
		breaker.findings.forEach(({ box }, f) => {
			if (!house.boxes.some(({ id }) => id === box))
				problems.push({
					code: 'unknown',
					what: 'box',
					path: [...path, 'breakers', k, 'findings', f, 'box'],
					id: box
				});
		});
	});
	const covered = new Set<string>();
	panel.residualDevices.forEach((device, k) =>
		device.covers.forEach((id, c) => {
			const at = [...path, 'residualDevices', k, 'covers', c];
			if (!panel.breakers.some((breaker) => breaker.id === id))
				problems.push({ code: 'unknown', what: 'breaker', path: at, id });
			if (covered.has(id)) problems.push({ code: 'coveredTwice', path: at, breaker: id });
			covered.add(id);
		})
	);
	return problems;
}

/** Every sub-panel hangs on a breaker of another panel, and in the end on the main one. */
export function checkFeeders(house: House): HouseProblem[] {
	return house.panels.flatMap((panel, k): HouseProblem[] => {
		const at = ['panels', k, 'fedFrom', 'breaker'];
		if (k === 0) return panel.fedFrom ? [{ code: 'feedsItself', path: at, panel: panel.id }] : [];
		if (!panel.fedFrom) return [{ code: 'unknown', what: 'breaker', path: ['panels', k, 'fedFrom'], id: '' }];
		const seen = new Set([panel.id]);
		for (
			let now = panelOf(house, panel.fedFrom.breaker);
			;
			now = now.fedFrom && panelOf(house, now.fedFrom.breaker)
		) {
			if (!now) return [{ code: 'unknown', what: 'breaker', path: at, id: panel.fedFrom.breaker }];
			if (seen.has(now.id)) return [{ code: 'feedsItself', path: at, panel: panel.id }];
			if (!now.fedFrom)
				return now === house.panels[0]
					? []
					: [{ code: 'unknown', what: 'breaker', path: at, id: panel.fedFrom.breaker }];
			seen.add(now.id);
		}
	});
}
