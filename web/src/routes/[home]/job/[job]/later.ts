import type { DrawnAs } from '$lib/job/drawn';

/** Parts of the job page that are fetched after it answers to keys; each once. */
export const besideDialog = () => import('./BesideDialog.svelte');
export const searchView = () => import('$lib/search/Search.svelte');
export const boxEntry = () => import('./BoxEntry.svelte');
export const suspects = () => import('./steps/Suspects.svelte');
export const sitsOtherwise = () => import('./SitsOtherwise.svelte');
export const foundEnds = () => import('./steps/FoundEnds.svelte');
export const eventList = () => import('./EventList.svelte');
export const autopsy = () => import('./AutopsyPart.svelte');
export const done = () => import('./Done.svelte');
export const mounting = () => import('./steps/Mounting.svelte');
export const refused = () => import('./Refused.svelte');
export const endsHere = () => import('./EndsHere.svelte');
export const overtaken = () => import('./Overtaken.svelte');
export const rowsTable = () => import('./RowsTable.svelte');

export const drawings = {
	box: () => import('$lib/ui/box/BoxDrawing.svelte'),
	device: () => import('$lib/ui/DeviceDrawing.svelte')
} satisfies Record<Exclude<DrawnAs, 'panel'>, unknown>;

/** All that is fetched once the page answers. */
export const all: readonly (() => Promise<unknown>)[] = [
	...Object.values(drawings),
	rowsTable,
	eventList,
	autopsy,
	mounting,
	refused,
	endsHere,
	overtaken,
	done,
	boxEntry,
	foundEnds,
	sitsOtherwise,
	suspects,
	searchView
];

/** What the page shows at once of these, fetched with it so that nothing moves. */
export async function atOnce(shown: { isOver: boolean; hasRows: boolean; drawnAs: DrawnAs }) {
	const [over, events, rows, box, device] = await Promise.all([
		shown.isOver ? done() : null,
		shown.isOver ? eventList() : null,
		shown.hasRows ? rowsTable() : null,
		shown.drawnAs === 'box' ? drawings.box() : null,
		shown.drawnAs === 'device' ? drawings.device() : null
	]);
	return {
		done: over?.default ?? null,
		eventList: events?.default ?? null,
		rowsTable: rows?.default ?? null,
		drawing: { box: box?.default ?? null, device: device?.default ?? null }
	};
}
export type FirstDrawing = Awaited<ReturnType<typeof atOnce>>['drawing'];
