<script lang="ts">
	import { words as w } from '$words/search/search';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { allBreakers, type House } from '@wary/core/house';
	import { means, type Means, type SearchSettings } from '@wary/core/search';
	import { typedNumber } from '$lib/typed';
	import Choices from '$lib/ui/Choices.svelte';
	import More from '$lib/ui/More.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { hearings, meansWords } from '$words/search';
	import { breakerName } from '$words/terms';

	interface Props {
		house: House;
		settings: SearchSettings;
		onsettings: (settings: SearchSettings) => void;
	}
	/** How it is looked for: what is at hand, how long a walk takes, what must stay on. */
	let { house, settings, onsettings }: Props = $props();
	let walkComplaint = $state<string | null>(null);
	/** One walk, of 10 s to a quarter of an hour; anything else is refused where it stands. */
	function setWalk(text: string) {
		const { value, complaint } = typedNumber(text);
		const fits = value !== null && value >= 10 && value <= 900;
		walkComplaint = fits ? null : (complaint ?? w.aWalkOf10To);
		if (fits) onsettings({ ...settings, walkS: value });
	}
	const toggleKept = (id: string) =>
		onsettings({
			...settings,
			keepOn: settings.keepOn.includes(id)
				? settings.keepOn.filter((other) => other !== id)
				: [...settings.keepOn, id]
		});
</script>

<More class="mt-3.5" title={w.howItIsLookedFor(meansWords[settings.means].short)}>
	<Choices
		legend={w.meansAtHand}
		hidden
		name="means"
		options={means.map((each) => ({ value: each as Means, text: meansWords[each].text }))}
		value={settings.means}
		onpick={(picked) => onsettings({ ...settings, means: picked })}
	/>
	{#if settings.means === 'radio'}
		<Label
			>{w.iHearItFromHere}<Select
				placeholder=""
				value={settings.hearing}
				onchange={(event) => onsettings({ ...settings, hearing: Number(event.currentTarget.value) })}
				>{#each hearings as each (each.value)}<option value={each.value}>{each.text}</option>{/each}</Select
			></Label
		>
	{/if}
	<Checkbox checked={settings.sets} onchange={() => onsettings({ ...settings, sets: !settings.sets })}>
		{w.severalMayBeOffAt}</Checkbox
	>
	<Label
		>{w.oneWalkThereAndBack}<Input
			inputmode="numeric"
			value={settings.walkS}
			onchange={(event) => setWalk(event.currentTarget.value)}
		/></Label
	>
	{#if walkComplaint}<Verdict kind="bad">{walkComplaint}</Verdict>{/if}
	<fieldset class="keep">
		<legend class="label">{w.mustStayOnWhateverIt}</legend>
		{#each allBreakers(house) as each (each.id)}<Checkbox
				inline
				checked={settings.keepOn.includes(each.id)}
				onchange={() => toggleKept(each.id)}
			>
				{breakerName(house, each.id)}</Checkbox
			>{/each}
	</fieldset>
</More>

<style>
	fieldset {
		border: 0;
		margin: 0;
		padding: 0;
	}
	.keep {
		display: flex;
		flex-wrap: wrap;
		gap: 0 1rem;
	}
</style>
