import { beside, type House } from '@wary/core/house';

/** Of a house what sheets on some of its boxes draw: they, what is beside them and at the other ends of their cables, and the panels. */
export function around(house: House, sheets: readonly { readonly boxId: string }[]): House {
	const shown = new Set(sheets.flatMap(({ boxId }) => [boxId, ...beside(house, boxId)]));
	const cables = house.cables.filter(
		({ from, to }) => shown.has(to.box) || ('box' in from && shown.has(from.box))
	);
	const near = new Set(cables.flatMap(({ from, to }) => [to.box, ...('box' in from ? [from.box] : [])]));
	const isNear = (id: string) => shown.has(id) || near.has(id);
	return {
		...house,
		boxes: house.boxes.filter(({ id }) => isNear(id)),
		cables,
		loads: house.loads.filter(({ box }) => isNear(box))
	};
}
