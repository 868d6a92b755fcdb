import { findBox, findBreaker, findCircuit, placeName, type Edit, type House } from '@wary/core/house';
import { breakerName, capital, terms } from './terms';

/** A change in a line, as it would be made: for the preview of what a table brings. */
export function editLine(edit: Edit, house: House): string {
	const t = terms[house.region];
	const room = (id: string) => house.rooms.find((each) => each.id === id)?.name ?? id;
	const box = (id: string) => {
		const found = findBox(house, id);
		return found ? placeName(house, found) : id;
	};
	const breaker = (id: string) => (findBreaker(house, id) ? breakerName(house, id) : id);
	const circuit = (id: string) => findCircuit(house, id)?.name ?? id;
	switch (edit.do) {
		case 'addBreaker':
			return `+ ${t.breaker} ${edit.spaces.join('+')}${edit.tandem ?? ''}, ${edit.ratingA} A, “${edit.label}”`;
		case 'setBreaker': {
			const was = findBreaker(house, edit.breaker);
			const changes = [
				was && edit.label !== undefined && edit.label !== was.label && `“${was.label}” → “${edit.label}”`,
				was &&
					edit.ratingA !== undefined &&
					edit.ratingA !== was.ratingA &&
					`${was.ratingA} A → ${edit.ratingA} A`,
				was &&
					edit.type !== undefined &&
					edit.type !== (was.type ?? 'plain') &&
					`${was.type ?? 'plain'} → ${edit.type}`
			].filter(Boolean);
			return `${capital(t.breaker)} ${breaker(edit.breaker)}: ${changes.join(', ') || 'its spaces'}`;
		}
		case 'addRoom':
			return `+ room “${edit.name}”`;
		case 'addOutlet':
			return `+ ${t.outlet} “${edit.name}” in ${room(edit.room)}`;
		case 'addCircuit':
			return `+ circuit “${edit.name}” on ${breaker(edit.breaker)}`;
		case 'setCircuit':
			return `Circuit ${circuit(edit.circuit)}${edit.breaker ? `: starts from ${breaker(edit.breaker)}` : ''}${edit.name ? `: called “${edit.name}”` : ''}`;
		case 'placeBox':
			return `${box(edit.box)}: on ${circuit(edit.spot.circuit)}, after ${edit.spot.after === 'panel' ? `the ${t.panel}` : box(edit.spot.after.box)}`;
		default:
			return edit.do;
	}
}
