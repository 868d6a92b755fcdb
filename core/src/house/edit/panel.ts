import { findBreaker } from '../lookup';
import { usualSize } from '../standard';
import type { Breaker, House, Panel } from '../schema';
import { changed, refused, type Changed } from './chain';
import type { EditOf } from './edits';
import { breakerIds, freshId, idsOf } from './ids';

const withPanel = (house: House, panelId: string, change: (panel: Panel) => Panel): House => ({
	...house,
	panels: house.panels.map((panel) => (panel.id === panelId ? change(panel) : panel))
});
export const withBreaker = (
	house: House,
	breakerId: string,
	change: (breaker: Breaker) => Breaker
): House => ({
	...house,
	panels: house.panels.map((panel) => ({
		...panel,
		breakers: panel.breakers.map((breaker) => (breaker.id === breakerId ? change(breaker) : breaker))
	}))
});
const byFirstSpace = (a: Breaker, b: Breaker) =>
	a.spaces[0]! - b.spaces[0]! || (a.tandem ?? '').localeCompare(b.tandem ?? '');

type PanelEdit = EditOf<
	| 'setPanel'
	| 'addSubPanel'
	| 'removeSubPanel'
	| 'addBreaker'
	| 'setBreaker'
	| 'removeBreaker'
	| 'setResidual'
>;
/** Changes at panels and their breakers. */
export function atPanel(house: House, edit: PanelEdit): Changed {
	switch (edit.do) {
		case 'setPanel': {
			const { do: _, panel: panelId, ...fields } = edit;
			if (!house.panels.some(({ id }) => id === panelId))
				return refused({ code: 'unknown', what: 'panel', id: panelId });
			return changed(withPanel(house, panelId, (panel) => ({ ...panel, ...fields })));
		}
		case 'addSubPanel': {
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
		}
		case 'removeSubPanel': {
			const panel = house.panels.find(({ id }) => id === edit.panel);
			if (!panel?.fedFrom) return refused({ code: 'unknown', what: 'panel', id: edit.panel });
			if (panel.breakers.length > 0)
				return refused({ code: 'panelInUse', panel: panel.id, breakers: panel.breakers.length });
			return changed({ ...house, panels: house.panels.filter((each) => each !== panel) });
		}
		case 'addBreaker': {
			const { do: _, panel: panelId, tandem, type, tiedWith: _tie, ...fields } = edit;
			if (!house.panels.some(({ id }) => id === panelId))
				return refused({ code: 'unknown', what: 'panel', id: panelId });
			const main = house.panels[0]!.id === panelId;
			const added: Breaker = {
				id: freshId(
					`${main ? 'b' : `${panelId}-`}${fields.spaces[0]}${tandem ?? ''}`,
					'b',
					breakerIds(house)
				),
				...fields,
				...(tandem ? { tandem } : {}),
				...(type && type !== 'plain' ? { type } : {}),
				on: true,
				findings: []
			};
			return changed(
				withPanel(house, panelId, (panel) => ({
					...panel,
					breakers: [...panel.breakers, added].sort(byFirstSpace)
				}))
			);
		}
		case 'setBreaker': {
			const { do: _, breaker: breakerId, tandem, type, tiedWith, ...fields } = edit;
			if (!findBreaker(house, breakerId)) return refused({ code: 'unknown', what: 'breaker', id: breakerId });
			const tied = tiedWith && findBreaker(house, tiedWith);
			if (tiedWith && (!tied || tiedWith === breakerId))
				return refused({ code: 'unknown', what: 'breaker', id: tiedWith });
			const free = tiedWith === undefined ? house : untied(house, [breakerId, tiedWith]);
			const set = withBreaker(free, breakerId, ({ tandem: wasTandem, type: wasType, ...breaker }) => {
				const nowTandem = tandem === undefined ? wasTandem : tandem;
				const nowType = type ?? wasType;
				return {
					...breaker,
					...fields,
					...(tiedWith ? { tiedWith } : {}),
					...(nowTandem ? { tandem: nowTandem } : {}),
					...(nowType && nowType !== 'plain' ? { type: nowType } : {})
				};
			});
			return changed({
				...set,
				panels: set.panels.map((panel) => ({ ...panel, breakers: [...panel.breakers].sort(byFirstSpace) }))
			});
		}
		case 'removeBreaker': {
			if (!findBreaker(house, edit.breaker))
				return refused({ code: 'unknown', what: 'breaker', id: edit.breaker });
			const circuits = house.circuits
				.filter(({ breaker }) => breaker === edit.breaker)
				.map(({ name }) => name);
			const fed = house.panels
				.filter(({ fedFrom }) => fedFrom?.breaker === edit.breaker)
				.map(({ name }) => name);
			if (circuits.length + fed.length > 0)
				return refused({ code: 'breakerInUse', breaker: edit.breaker, circuits: [...circuits, ...fed] });
			return changed({
				...house,
				panels: untied(house, [edit.breaker]).panels.map((panel) => ({
					...panel,
					breakers: panel.breakers.filter(({ id }) => id !== edit.breaker),
					residualDevices: panel.residualDevices
						.map((device) => ({ ...device, covers: device.covers.filter((id) => id !== edit.breaker) }))
						.filter(({ covers }) => covers.length > 0)
				}))
			});
		}
		case 'setResidual': {
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
			const kept = (covers.length > 0 ? [...others, device] : others).filter(
				(each) => each.covers.length > 0
			);
			return changed(
				withPanel(house, panelId, (each) => ({
					...each,
					residualDevices: kept.sort((a, b) => a.id.localeCompare(b.id))
				}))
			);
		}
	}
}

/** Handles of these tied to no other, said at either end. */
const untied = (house: House, ids: readonly (string | null)[]): House => ({
	...house,
	panels: house.panels.map((panel) => ({
		...panel,
		breakers: panel.breakers.map(({ tiedWith, ...breaker }) =>
			tiedWith === undefined || ids.includes(breaker.id) || ids.includes(tiedWith)
				? breaker
				: { ...breaker, tiedWith }
		)
	}))
});
