<script lang="ts">
	import { newId } from '$lib/newId';
	import { moneyWord } from '$words/money';
	import { words as w } from '$words/shopping';
	import Button from 'flowbite-svelte/Button.svelte';
	import type { Wished } from '@wary/core/job';
	import type { Region } from '@wary/core/rules';
	import { bill, type Costs, type Needed } from '@wary/core/shopping';
	import { Sending } from '$lib/sending.svelte';
	import Trouble from '$lib/ui/Trouble.svelte';
	import { notify } from '$lib/ui/toasts.svelte';

	interface Props {
		slug: string;
		region: Region;
		boxes: readonly { readonly boxId: string; readonly wish: Wished }[];
		/** What the whole job needs. */
		needs: readonly Needed[];
		costs: Costs;
	}
	/** Not begun today: the plan is kept, and what it needs goes on the shopping list; what that costs by the prices entered. */
	let { slug, region, boxes, needs, costs }: Props = $props();
	const list = $derived(bill(needs, costs));
	const sending = new Sending();
	let kept = $state.raw<unknown>(null);
	async function keep() {
		const now = boxes;
		const taken = await sending.send(`/api/${slug}/plans`, 'done', {
			method: 'POST',
			body: { id: newId(), boxes: now }
		});
		if (!taken) return;
		kept = now;
		notify('good', w.kept);
	}
</script>

<Trouble failure={sending.failure} />
<p class="row mt-3">
	<Button color="light" disabled={sending.pending || kept === boxes} onclick={keep}
		>{kept === boxes ? w.onTheList : w.keep}</Button
	>
	<a class="tap" href={`/${slug}/shopping`}>{w.toTheList}</a>
</p>
{#if list.unpriced < list.lines.length}<p class="m-0 text-soft">
		{w.cost(moneyWord(list.parts, region), list.unpriced)}
	</p>{/if}
