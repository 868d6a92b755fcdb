<script lang="ts">
	import { keep, readKept, shortText } from '$lib/kept';
	import { newId } from '$lib/newId';
	import { words as w } from '$words/outlet/page';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { onMount } from 'svelte';
	import { goto } from '$app/navigation';
	import type { BoxWish, Wished } from '@wary/core/job';
	import type { Region } from '@wary/core/rules';
	import type { OrderSchool } from '@wary/core/wiring';
	import { Sending } from '$lib/sending.svelte';
	import Trouble from '$lib/ui/Trouble.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { terms } from '$words/terms';

	interface Props {
		slug: string;
		boxId: string;
		region: Region;
		/** What the place asks for before a like-for-like swap. */
		asked: { title: string; lead: string; rule?: string | undefined } | null;
		/** uk: no RCD on the circuit, by the record. */
		noResidual: boolean;
		/** What goes in instead, and the record the plan was made on; left out: the same again. */
		planned?: {
			readonly wish: Wished;
			readonly version: number;
			readonly more: readonly BoxWish[];
		};
		school?: OrderSchool;
	}
	/** Begins a job at an outlet: who does it, and in which order the wires go on. */
	let {
		slug,
		boxId,
		region,
		asked,
		noResidual,
		planned,
		school = $bindable('groundFirst')
	}: Props = $props();
	const t = $derived(terms[region]);
	let who = $state('');
	let nameless = $state(false);

	onMount(async () => {
		const kept = await readKept('wary-hand who', () => shortText);
		if (who === '') who = kept ?? '';
	});

	const starting = new Sending();
	async function start(event: SubmitEvent) {
		event.preventDefault();
		nameless = who.trim() === '';
		if (nameless) return;
		keep('wary-hand who', who.trim());
		const answer = await starting.send(`/api/${slug}/jobs`, 'job', {
			method: 'POST',
			body: { id: newId(), boxId: boxId, school, who: who.trim(), ...planned }
		});
		// One that is under way already is the one that was meant.
		const underWay = starting.failure && 'jobId' in starting.failure ? starting.failure.jobId : null;
		const id = answer?.jobId ?? underWay;
		if (typeof id === 'string') await goto(`/${slug}/job/${id}`);
	}
</script>

<form onsubmit={start}>
	<div class="row fields">
		<Label class="flex-[1_1_12rem]"
			>{w.whoDoesTheWork}<Input
				bind:value={who}
				maxlength={80}
				autocomplete="name"
				aria-describedby={nameless ? 'nameless' : undefined}
			/></Label
		>
		<Label class="flex-[1_1_16rem]"
			>{w.wiresGoOn}<Select placeholder="" bind:value={school}>
				<option value="groundFirst">{w.usual(t.ground, t.neutral, t.hot)}</option>
				<option value="hotFirst">{w.first(t.hot)}</option>
				<option value="asItCameOff">{w.inReverseOfComingOff}</option>
			</Select></Label
		>
	</div>
	{#if asked}<Verdict kind="open">
			<b>{asked.title}.</b>
			{asked.lead}
			<span class="soft">{asked.rule}</span>
		</Verdict>{/if}
	{#if noResidual}<Verdict kind="open">
			{w.noRcdProtectsThisSocket}
		</Verdict>{/if}
	{#if nameless}<Verdict kind="bad" id="nameless">{w.yourNameGoesOnThe}</Verdict>{/if}
	<Trouble
		failure={starting.failure?.code === 'underWay' ? null : starting.failure}
		own={{ olderRecord: w.olderRecord }}
	/>
	<Button
		type="submit"
		size="lg"
		class="mt-3"
		color={asked && !planned ? 'light' : 'primary'}
		disabled={starting.pending}
		>{starting.pending ? w.starting : planned ? w.begin : w.replaceItLikeForLike}</Button
	>
</form>

<style>
	form {
		padding: 0.6rem 0 0.4rem;
	}
</style>
