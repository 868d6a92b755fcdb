import { changed, refused } from './chain';
import { freshId, idsOf } from './ids';
import type { Making } from './making';
import { withPanel } from './panel';

/** Changes at the residual-current devices of a panel. */
export const atResiduals: Making<'setResidual'> = {
	setResidual: (house, edit) => {
		const { panel: panelId, residual, tripMa, ratingA, covers } = edit;
		const panel = house.panels.find(({ id }) => id === panelId);
		if (!panel) return refused({ code: 'unknown', what: 'panel', id: panelId });
		if (residual !== null && !panel.residualDevices.some(({ id }) => id === residual))
			return refused({ code: 'unknown', what: 'residual', id: residual });
		const id =
			residual ??
			freshId(
				`rcd${panel.residualDevices.length + 1}`,
				'rcd',
				idsOf(house.panels.flatMap(({ residualDevices }) => residualDevices))
			);
		const device = { id, tripMa, ratingA, covers, on: true };
		const others = panel.residualDevices
			.filter((each) => each.id !== residual)
			.map((each) => ({ ...each, covers: each.covers.filter((covered) => !covers.includes(covered)) }));
		const kept = (covers.length > 0 ? [...others, device] : others).filter((each) => each.covers.length > 0);
		return changed(
			withPanel(house, panelId, (each) => ({
				...each,
				residualDevices: kept.sort((a, b) => a.id.localeCompare(b.id))
			}))
		);
	}
};
