<script lang="ts">
	import { deviceModel, type How } from '@wary/core/house';
	import { terminalsFor, type Step } from '@wary/core/job';
	import { wayChoices } from '$lib/words/steps';
	import { terminalWord } from '$lib/words/terms';
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
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		session.submit({
			kind: 'terminate',
			from: step.terminal,
			terminal: terminal ?? step.terminal,
			way: way ?? ways[0]!.way
		});
	};
</script>

<form onsubmit={submit}>
	<fieldset>
		<legend class="label">Onto</legend>
		{#each terminals as each (each.name)}
			<label class="choice"
				><input
					type="radio"
					name="terminal"
					value={each.name}
					checked={(terminal ?? step.terminal) === each.name}
					disabled={taken(each.name)}
					onchange={() => (terminal = each.name)}
				/>
				<span
					>{terminalWord(plan.region, each.name)}{#if taken(each.name)}
						<span class="soft ml-2">taken</span>{:else if each.name === step.terminal}
						<b class="ml-2">← where it was</b>{:else if possible.includes(each.name)}
						<span class="soft ml-2">serves as well: one piece of brass joins the two</span>{/if}</span
				></label
			>
		{/each}
	</fieldset>
	{#if ways.length > 1}
		<fieldset class="row">
			<legend class="label">Held by</legend>
			{#each ways as each (each.way)}<label class="choice"
					><input
						type="radio"
						name="way"
						value={each.way}
						checked={(way ?? ways[0]!.way) === each.way}
						onchange={() => (way = each.way)}
					/>
					{each.text}</label
				>{/each}
		</fieldset>
	{/if}
	<p class="row mt-4"><button class="btn">It is on<kbd>↵</kbd></button></p>
</form>

<style>
	fieldset {
		border: 0;
		padding: 0;
		margin: 0 0 0.7rem;
		gap: 0 1.6rem;
		max-width: 30rem;
	}
	.choice {
		min-height: 2.6rem;
	}
</style>
