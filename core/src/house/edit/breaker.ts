import { findBox, findBreaker } from '../lookup';
import type { Breaker, House } from '../schema';
import { changed, refused } from './chain';
import { breakerIds, freshId } from './ids';
import type { Making } from './making';
import { withPanel } from './panel';

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

/** Changes at breakers, and what was found to hang on them. */
export const atBreakers: Making<'addBreaker' | 'setBreaker' | 'removeBreaker' | 'addFinding'> = {
	addBreaker: (house, edit) => {
		const { do: _, panel: panelId, tandem, type, tiedWith: _tie, ...fields } = edit;
		if (!house.panels.some(({ id }) => id === panelId))
			return refused({ code: 'unknown', what: 'panel', id: panelId });
		const main = house.panels[0]!.id === panelId;
		const added: Breaker = {
			id: freshId(`${main ? 'b' : `${panelId}-`}${fields.spaces[0]}${tandem ?? ''}`, 'b', breakerIds(house)),
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
	},
	setBreaker: (house, edit) => {
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
	},
	removeBreaker: (house, edit) => {
		if (!findBreaker(house, edit.breaker))
			return refused({ code: 'unknown', what: 'breaker', id: edit.breaker });
		const circuits = house.circuits.filter(({ breaker }) => breaker === edit.breaker).map(({ name }) => name);
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
	},
	addFinding: (house, { breaker: breakerId, box, finding, on, how }) => {
		if (!findBreaker(house, breakerId)) return refused({ code: 'unknown', what: 'breaker', id: breakerId });
		if (!findBox(house, box)) return refused({ code: 'unknown', what: 'box', id: box });
		return changed(
			withBreaker(house, breakerId, (breaker) => ({
				...breaker,
				findings: [...breaker.findings, { finding, box, on, how }]
			}))
		);
	}
};

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
