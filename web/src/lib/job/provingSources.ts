import { chainOfCircuit, circuitsInBox, hasOutlet, type House } from '@wary/core/house';
import { ownLead } from '@wary/core/job';
import type { JobSession } from './session.svelte';
import { words as w } from '$words/job/steps/volts';
import { boxPlace } from '$words/terms';

/** More to choose from than that is a list to get lost in; chosen. */
const offeredAtMost = 12;

/** Outlets on other circuits than those of a box, nearest the panel first. */
export function outletsElsewhere(
	house: House,
	boxId: string,
	atMost: number
): { readonly id: string; readonly text: string }[] {
	const own = new Set(circuitsInBox(house, boxId).map(({ id }) => id));
	return house.circuits
		.filter(({ id }) => !own.has(id))
		.flatMap(({ id }) => chainOfCircuit(house, id).filter(({ box }) => hasOutlet(box)))
		.sort((a, b) => a.cablesFromPanel - b.cablesFromPanel)
		.slice(0, atMost)
		.map(({ box }) => ({ id: `outlet:${box.id}`, text: boxPlace(house, box.id) }));
}

/** Where a tester can be proved: live outlets on other circuits, nearest the panel first, and the proving unit. */
export function provingSources(
	house: House,
	boxId: string,
	leadIsLive: boolean,
	liveAmong: (sources: readonly string[]) => ReadonlySet<string>
): { id: string; text: string }[] {
	const others = outletsElsewhere(house, boxId, offeredAtMost);
	// With the main switch off no outlet is a known source.
	const live = liveAmong(others.map(({ id }) => id));
	const lit = others.filter(({ id }) => live.has(id));
	// The lead that brings the known ground: tester and lead show each other.
	const lead = leadIsLive ? [{ id: ownLead, text: w.theLeadsEnd }] : [];
	return [...lead, ...lit, { id: 'provingUnit', text: w.aProvingUnit }];
}

/** The one that is offered first: the lead's end where that is alive, what was taken last, or what an indicator is usually proved on. */
export function sourceAtFirst(
	{ events, jobState }: Pick<JobSession, 'events' | 'jobState'>,
	leadIsLive: boolean,
	sources: readonly { readonly id: string }[]
): string {
	if (leadIsLive) return ownLead;
	const last = events.findLast(({ body }) => body.kind === 'proveTester')?.body;
	if (last?.kind === 'proveTester' && last.source !== ownLead) return last.source;
	return jobState.tester === 'indicator' ? 'provingUnit' : (sources[0]?.id ?? 'provingUnit');
}
