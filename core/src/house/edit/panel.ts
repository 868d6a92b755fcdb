import { findBreaker } from '../lookup';
import { usualSize } from '../standard';
import type { House, Panel } from '../schema';
import { changed, refused } from './chain';
import { freshId, idsOf } from './ids';
import type { Making } from './making';

export const withPanel = (house: House, panelId: string, change: (panel: Panel) => Panel): House => ({
	...house,
	panels: house.panels.map((panel) => (panel.id === panelId ? change(panel) : panel))
});

/** Changes at panels. */
export const atPanels: Making<'setPanel' | 'addSubPanel' | 'removeSubPanel'> = {
	setPanel: (house, edit) => {
		const { do: _, panel: panelId, ...fields } = edit;
		if (!house.panels.some(({ id }) => id === panelId))
			return refused({ code: 'unknown', what: 'panel', id: panelId });
		return changed(withPanel(house, panelId, (panel) => ({ ...panel, ...fields })));
	},
	addSubPanel: (house, edit) => {
		const feeding = findBreaker(house, edit.breaker);
		if (!feeding) return refused({ code: 'unknown', what: 'breaker', id: edit.breaker });
		if (house.panels.length >= 8) return refused({ code: 'tooLarge', what: 'panels' });
		const panel: Panel = {
			id: freshId(edit.name, 'panel', idsOf(house.panels)),
			name: edit.name,
			place: edit.place,
			spaces: edit.spaces,
			mainRatingA: Math.max(10, feeding.ratingA),
			mainOn: true,
			fedFrom: {
				breaker: edit.breaker,
				lengthM: edit.lengthM,
				size: edit.size ?? usualSize(house.region, feeding.ratingA)
			},
			breakers: [],
			residualDevices: []
		};
		return changed({ ...house, panels: [...house.panels, panel] });
	},
	removeSubPanel: (house, edit) => {
		const panel = house.panels.find(({ id }) => id === edit.panel);
		if (!panel?.fedFrom) return refused({ code: 'unknown', what: 'panel', id: edit.panel });
		if (panel.breakers.length > 0)
			return refused({ code: 'panelInUse', panel: panel.id, breakers: panel.breakers.length });
		return changed({ ...house, panels: house.panels.filter((each) => each !== panel) });
	}
};
