<script lang="ts">
	import { words as w } from '$words/settings/page';
	import { Sending } from '$lib/sending.svelte';
	import SetAside from '$lib/ui/SetAside.svelte';
	import Trouble from '$lib/ui/Trouble.svelte';
	import { notify } from '$lib/ui/toasts.svelte';
	import { holdsUnsaved } from '$lib/ui/unsaved.svelte';
	import { savedNotice } from '$words/failures';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Radio from 'flowbite-svelte/Radio.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { untrack } from 'svelte';
	import { testers, type TesterKind } from '@wary/core/instruments';
	import { means } from '@wary/core/search';
	import Capabilities from './Capabilities.svelte';
	import Connectors from './Connectors.svelte';
	import Devices from './Devices.svelte';
	import { holdGear, type Settings } from '$lib/settings';
	import { meansWords } from '$words/search';
	import { terms } from '$words/terms';
	import { testerWords } from '$words/testers';

	let { data } = $props();
	const region = $derived(data.region);
	const t = $derived(terms[region]);
	const names = $derived(testerWords(region));
	let settings = $state<Settings>(untrack(() => structuredClone(data.settings)));
	const proves = (tester: TesterKind) =>
		data.capabilities.every((one) => one.tester !== tester || one.verdict !== 'misses');
	const ownsProver = $derived(settings.instruments.some((each) => each !== 'provingUnit' && proves(each)));
	const gearWords = {
		clip: w.clip,
		padlock: w.padlockWithOneKey,
		tape: 'tape',
		tag: w.tagAndPen
	};

	const saving = new Sending();
	/** What was changed while one was on its way is sent after it. */
	let changed = false;
	let unsent = $state(false);
	async function keep() {
		changed = unsent = true;
		if (saving.pending) return;
		while (changed) {
			changed = false;
			const taken = await saving.send(`/api/${data.home.slug}/settings`, 'done', {
				method: 'POST',
				body: $state.snapshot(settings)
			});
			if (!taken) return;
		}
		unsent = false;
		notify('good', savedNotice);
	}
	holdsUnsaved(() => unsent);
</script>

<svelte:head><title>{w.settingsWaryHand(data.home.name)}</title></svelte:head>
<main>
	<h1>{w.whatYouHaveAndWhat}</h1>
	<form data-saves="each" onchange={keep} onsubmit={(event) => event.preventDefault()}>
		<fieldset>
			<legend>{w.instruments}</legend>
			{#each [...testers, 'provingUnit'] as const as each (each)}
				<Checkbox value={each} bind:group={settings.instruments}>
					<span
						>{names[each]}
						{#if each !== 'provingUnit' && proves(each)}<b class="proves">{w.canProveDead}</b>{/if}</span
					></Checkbox
				>
			{/each}
		</fieldset>
		<fieldset>
			<legend>{w.toHoldOff(t.aBreaker)}</legend>
			{#each holdGear as each (each)}<Checkbox value={each} bind:group={settings.holdGear}>
					{gearWords[each]}</Checkbox
				>{/each}
		</fieldset>
		<fieldset>
			<legend>{w.toLookFor(t.aBreaker)}</legend>
			{#each means as each (each)}<Radio name="means" value={each} bind:group={settings.search.means}>
					{meansWords[each].text}</Radio
				>{/each}
			<Checkbox bind:checked={settings.search.sets}>{w.severalMayBeOffAt}</Checkbox>
		</fieldset>
	</form>
	<div class="status" role="status">
		{#if saving.pending}{w.saving}{/if}
		<Trouble failure={saving.failure} own={{ unreachable: w.notSavedTheServerCant }} />
		{#if !ownsProver}<Verdict kind="open">{w.nothingTickedReadsBetweenTwo(t.plate)}</Verdict>{/if}
	</div>

	<Connectors
		{region}
		connectors={settings.connectors}
		onchange={(connectors) => {
			settings.connectors = connectors;
			void keep();
		}}
	/>

	<SetAside begins="wary-hand" />

	<Devices paired={data.devices} everywhere={data.everywhere} locale={t.locale} />

	<Capabilities capabilities={data.capabilities} {region} owned={settings.instruments} {proves} />
</main>

<style>
	main {
		max-width: 84rem;
		margin: 0 auto;
		padding: 1.1rem 1.5rem 3rem;
	}
	form {
		display: grid;
		grid-template-columns: 1.2fr 1fr 1.3fr;
		gap: 0 2rem;
	}
	fieldset {
		border: 0;
		border-top: 2px solid var(--ink);
		margin: 0.6rem 0 0;
		padding: 0.2rem 0;
		min-width: 0;
	}
	legend {
		font-weight: 700;
		padding: 0 0.6rem 0 0;
	}
	.proves {
		color: var(--dead);
		font-weight: 600;
		font-size: 0.9rem;
	}
	.status {
		min-height: 1.6rem;
		margin: 0.5rem 0;
	}
	@media (max-width: 900px) {
		form {
			grid-template-columns: minmax(0, 1fr);
		}
		main {
			padding: 0.8rem 1rem 3rem;
		}
	}
</style>
