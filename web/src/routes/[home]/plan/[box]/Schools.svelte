<script lang="ts">
	import { regions } from '@wary/core/rules';
	import { words as w } from '$words/plan/page';
	import type { WishChoice } from '@wary/core/job';
	import type { Region } from '@wary/core/rules';
	import Choices from '$lib/ui/Choices.svelte';
	import More from '$lib/ui/More.svelte';

	interface Props {
		region: Region;
		wish: WishChoice;
		onwish: (wish: WishChoice) => void;
	}
	/** Schools of practice, with their reasons. */
	let { region, wish, onwish }: Props = $props();
</script>

<More title={w.schools}>
	<Choices
		legend={w.connector}
		name="connector"
		options={[
			{ value: 'lever' as const, text: w.lever },
			{ value: 'twistOn' as const, text: w.twistOn }
		]}
		value={wish.connector}
		onpick={(connector) => onwish({ ...wish, connector })}
	/>
	{#if regions[region].custom.joins === 'splices'}<Choices
			legend={w.wireEnd}
			name="wireEnd"
			options={[
				{ value: 'clampPlate' as const, text: w.clampPlate },
				{ value: 'hook' as const, text: w.hook }
			]}
			value={wish.wireEnd}
			onpick={(wireEnd) => onwish({ ...wish, wireEnd })}
		/>{/if}
</More>
