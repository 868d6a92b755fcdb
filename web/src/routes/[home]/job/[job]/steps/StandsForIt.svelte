<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { untrack } from 'svelte';
	import type { Half } from '@wary/core/house';
	import { staysDeadWords as w } from '$words/steps/asFound';
	import { boxPlace } from '$words/terms';
	import { getJob } from '../context';

	/** What is watched in place of a half that shows nothing. `again`: of a new part. */
	let { half, again = false }: { half: Half; again?: boolean } = $props();
	const { session } = getJob();
	const plan = $derived(session.plan);
	const otherLive = $derived(!again && Object.values(session.jobState.live).includes('passed'));
	const none = 'none';
	let witness = $state(untrack(() => (otherLive ? none : (plan.witnesses[0] ?? none))));
	const say = () =>
		session.submit({ kind: 'deadFromStart', half, witness: witness === none ? null : witness });
</script>

<div class="row items-end">
	<Label class="grow"
		>{w.stands}<Select placeholder="" bind:value={witness}
			>{#each plan.witnesses as box (box)}<option value={box}>{w.lamp(boxPlace(session.house, box))}</option
				>{/each}<option value={none}>{otherLive ? w.otherHalf : w.none}</option></Select
		></Label
	>
	<Button size="lg" color={again ? 'primary' : 'light'} onclick={say}
		>{again ? w.buttonAgain : w.button}</Button
	>
</div>
