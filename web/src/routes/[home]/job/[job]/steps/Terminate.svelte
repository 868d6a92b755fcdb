<script lang="ts">
	import { words as w } from '$words/job/steps/terminate';
	import Choices from '$lib/ui/Choices.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import { deviceModel, type How } from '@wary/core/house';
	import { terminalsFor, type Step } from '@wary/core/job';
	import { stepWords, wayChoices } from '$words/steps';
	import { terminalWord } from '$words/terms';
	import { getJob } from '../context';

	let { step }: { step: Extract<Step, { kind: 'terminate' }> } = $props();
	const { session } = getJob();
	const { plan } = session;
	const ways = $derived(wayChoices(plan, step.terminal));
	let way = $state<How | null>(null);
	let terminal = $state<string | null>(null);
	const terminals = deviceModel(plan.newDevice).terminals;
	const possible = $derived(terminalsFor(plan, session.jobState, step.terminal));
	const landedOn = (name: string) =>
		Object.entries(session.jobState.landed).some(
			([from, at]) => at === name && ['onNew', 'tugged'].includes(session.jobState.wires[from] ?? '')
		);
	const taken = (name: string) => landedOn(name);
	/** Landed, and what the tug that follows at once showed: two things said, two entries. */
	function landed(held: boolean) {
		const from = step.terminal;
		if (
			session.submit({
				kind: 'terminate',
				from,
				terminal: terminal ?? from,
				way: way ?? ways[0]!.way
			})
		)
			session.submit({ kind: 'tug', terminal: from, held });
	}
	const tug = $derived(
		stepWords(
			{ kind: 'tug', terminal: step.terminal },
			{ house: session.house, plan, state: session.jobState }
		)
	);
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		landed(true);
	};
	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || document.querySelector('dialog[open]')) return;
		if (event.key !== 'y' && event.key !== 'n') return;
		event.preventDefault();
		landed(event.key === 'y');
	}
</script>

<svelte:window onkeydown={key} />
<form onsubmit={submit}>
	<Choices
		legend={w.onto}
		name="terminal"
		options={terminals.map(({ name }) => ({ value: name, disabled: taken(name) }))}
		value={terminal ?? step.terminal}
		onpick={(picked) => (terminal = picked)}
	>
		{#snippet item(name)}
			{terminalWord(plan.region, name)}{#if taken(name)}
				<span class="soft ml-2">{w.taken}</span>{:else if name === step.terminal}
				<b class="ml-2">{w.whereItWas}</b>{:else if possible.includes(name)}
				<span class="soft ml-2">{w.servesAsWellOnePiece}</span>{/if}
		{/snippet}
	</Choices>
	{#if ways.length > 1}
		<Choices
			inline
			legend={w.heldBy}
			name="way"
			options={ways.map(({ way: value, text }) => ({ value, text }))}
			value={way ?? ways[0]!.way}
			onpick={(picked) => (way = picked)}
		/>
	{/if}
	<p class="mt-3"><b>{tug.title}.</b> {tug.lead}</p>
	<p class="row mt-4">
		<Button type="submit" size="lg">{w.onAndItHeldThe}<Kbd>y</Kbd></Button>
		<Button size="lg" color="light" onclick={() => landed(false)}>{w.onButItCameOut}<Kbd>n</Kbd></Button>
	</p>
</form>
