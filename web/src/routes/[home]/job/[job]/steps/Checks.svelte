<script lang="ts">
	import { words as w } from '$words/job/steps/checks';
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Radio from 'flowbite-svelte/Radio.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { toolsForAll, type Step, type Tester } from '@wary/core/job';
	import { toolWords } from '$words/steps';
	import { defaultsFor } from '$lib/settings';
	import { getJob } from '../context';

	/** Tools on the table; waiting: the job stands still until there is a tester that reads between two points. */
	let { step }: { step: Extract<Step, { kind: 'checkTools' | 'needTester' }> } = $props();
	const waiting = $derived(step.kind === 'needTester');
	const { session, settings, home } = getJob();
	const { region } = session.plan;
	const owns = (tester: 'multimeter' | 'indicator') =>
		settings.instruments.includes(tester) ||
		(tester === 'multimeter' && settings.instruments.includes('lowImpedanceMeter'));
	/** The one that is usual there first. */
	const usual = [...new Set([...defaultsFor(region).instruments, 'indicator', 'multimeter'] as const)].filter(
		(each): each is 'multimeter' | 'indicator' => each === 'multimeter' || each === 'indicator'
	);
	let tester = $state<Tester>(usual.find(owns) ?? 'none');
	const choices: { tester: Tester; text: string }[] = [
		{ tester: 'multimeter', text: 'a multimeter' },
		{ tester: 'indicator', text: 'a two-probe indicator' },
		{ tester: 'none', text: w.nothingYet }
	];
	const offered = $derived(waiting ? choices.filter((each) => each.tester !== 'none') : choices);
	const needed = $derived(toolsForAll(session.whole.plans, tester));
	let has = $state<string[]>([]);
	const send = (tools: readonly string[]) => session.submit({ kind: 'checkTools', tester, has: [...tools] });
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		send(has.filter((tool) => needed.includes(tool)));
	};
	$effect(() => {
		if (waiting && tester === 'none') tester = usual[0]!;
	});
	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || document.querySelector('dialog[open]') || event.key !== 'a') return;
		event.preventDefault();
		send(needed);
	}
</script>

<svelte:window onkeydown={key} />

{#if waiting}
	<ul class="get">
		<li><b>{w.aTwoProbeVoltageIndicator}</b> {w.andAProvingUnitMade}</li>
		<li>
			<b>{w.aMultimeter}</b>
			{w.withLeadsInGoodOrder(w.forPanel[region])}
		</li>
	</ul>
{/if}
<form onsubmit={submit}>
	<fieldset class="row">
		<legend class="label">{w.deadWillBeProvenWith}</legend>
		{#each offered as each (each.tester)}<Radio inline name="tester" value={each.tester} bind:group={tester}>
				{each.text}</Radio
			>{/each}
	</fieldset>
	{#if tester === 'none'}<Verdict kind="open">
			{w.thenThisJobGoesAs}
			<a href={`/${home}/settings`}>{w.seeItOnTheModel}</a>.
		</Verdict>{/if}
	{#each needed as tool (tool)}<Checkbox value={tool} bind:group={has}>{toolWords[tool]}</Checkbox>{/each}
	<p class="soft small">
		{w.aContactlessTesterOrA} <a href={`/${home}/settings`}>{w.why}</a>
	</p>
	<p class="row">
		<Button type="submit" size="lg">{waiting ? w.iHaveItNow : w.allHere}<Kbd>↵</Kbd></Button>
		<Button size="lg" color="light" onclick={() => send(needed)}>{w.allOfThemLieHere}<Kbd>a</Kbd></Button>
	</p>
</form>

<style>
	fieldset {
		border: 0;
		padding: 0;
		margin: 0;
		gap: 0 1.6rem;
	}
	.get {
		margin: 0 0 1rem;
		padding-left: 1.1rem;
		list-style: square;
		max-width: 58ch;
	}
	.get li {
		margin: 0.4rem 0;
	}
	.small {
		font-size: 0.92rem;
		margin: 0.7rem 0;
	}
</style>
