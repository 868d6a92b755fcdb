<script lang="ts">
	import { words as w } from '$words/job/steps/switchOff';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import BeforeOff from '$lib/ui/BeforeOff.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import type { JobPlan } from '@wary/core/job';
	import { breakerNames, terms } from '$words/terms';
	import { getJob } from '../context';
	import { searchView } from '../later';

	type Things = JobPlan['hard'][string];
	interface Props {
		/** What still has to be seen to before breakers go off. */
		hardOf: (breakers: readonly string[]) => Things;
		arranged: (thing: { id: string }, how: string) => void;
		offAll: (breakers: readonly string[]) => void;
		/** A breaker, or none yet, is named instead. */
		onpick: (breaker: string | null) => void;
		/** The main switch. */
		main: string;
	}
	/** The search for the breaker inside a job: its answers are events of the job. */
	let { hardOf, arranged, offAll, onpick, main }: Props = $props();
	const { session, standIn, settings } = getJob();
	const { plan, house } = session;
	const search = $derived(session.jobState.search);
	const settingsNow = $derived(
		session.events.some(({ body }) => body.kind === 'searchBy') ? search.settings : settings.search
	);
	/** Breakers whose hard things have all been seen to. */
	const released = $derived(Object.keys(plan.hard).filter((id) => hardOf([id]).length === 0));
	const look = standIn
		? async (off: readonly string[] | null) => {
				const shown = await standIn(off === null ? { what: 'sweep' } : { what: 'search', off, by: 'lamp' });
				return shown?.kind === 'answer'
					? shown.answer
					: shown?.kind === 'strongest'
						? { strongest: shown.breaker }
						: null;
			}
		: null;
</script>

{#await searchView() then { default: Search }}<Search
		{house}
		boxId={plan.boxId}
		settings={settingsNow}
		events={search.events}
		{released}
		{look}
		onsettings={(next) => session.submit({ kind: 'searchBy', settings: next })}
		onevent={(event) => session.submit({ kind: 'searched', event })}
	>
		{#snippet ended(end)}
			{@const ids = end.kind === 'found' ? [end.breaker] : end.kind === 'several' ? end.breakers : []}
			{#if ids.length > 0}
				<BeforeOff {house} breakers={ids} hard={hardOf(ids)} onarranged={arranged} />
				<p class="row">
					<Button size="lg" disabled={hardOf(ids).length > 0} onclick={() => offAll(ids)}
						>{w.off(breakerNames(house, ids), ids.length > 1 ? 'are' : 'is')}<Kbd>↵</Kbd></Button
					>
				</p>
			{:else if end.kind === 'onlyForbiddenLeft'}
				<BeforeOff {house} breakers={end.breakers} hard={hardOf(end.breakers)} onarranged={arranged} />
			{:else}
				<p class="row">
					<Button size="lg" color="light" onclick={() => onpick(main)}>{w.useTheMainSwitch}</Button>
				</p>
			{/if}
		{/snippet}
	</Search>
{:catch}<Verdict kind="open" alert>
		{w.theSearchCantBeFetched}
		<Button color="alternative" onclick={() => onpick(null)}
			>{w.nameTheYourself(terms[plan.region].breaker)}</Button
		>
	</Verdict>
{/await}
