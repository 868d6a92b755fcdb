<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Radio from 'flowbite-svelte/Radio.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { toolsNeeded, type Step, type Tester } from '@wary/core/job';
	import { toolWords } from '$words/steps';
	import { getJob } from '../context';

	/** Tools on the table; waiting: the job stands still until there is a tester that reads between two points. */
	let { step }: { step: Extract<Step, { kind: 'checkTools' | 'needTester' }> } = $props();
	const waiting = $derived(step.kind === 'needTester');
	const { session, settings, home } = getJob();
	const { region } = session.plan;
	const owns = (tester: 'multimeter' | 'indicator') =>
		settings.instruments.includes(tester) ||
		(tester === 'multimeter' && settings.instruments.includes('lowImpedanceMeter'));
	const usual =
		region === 'uk' ? (['indicator', 'multimeter'] as const) : (['multimeter', 'indicator'] as const);
	let tester = $state<Tester>(usual.find(owns) ?? 'none');
	const choices: { tester: Tester; text: string }[] = [
		{ tester: 'multimeter', text: 'a multimeter' },
		{ tester: 'indicator', text: 'a two-probe indicator' },
		{ tester: 'none', text: 'nothing that reads between two points yet' }
	];
	const offered = $derived(waiting ? choices.filter((each) => each.tester !== 'none') : choices);
	const needed = $derived(toolsNeeded(session.plan, tester));
	let has = $state<string[]>([]);
	const send = (tools: readonly string[]) => session.submit({ kind: 'checkTools', tester, has: [...tools] });
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		send(has.filter((tool) => needed.includes(tool)));
	};
	$effect(() => {
		if (waiting && tester === 'none') tester = usual[0];
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
		<li><b>A two-probe voltage indicator</b> and a proving unit: made for just this, nothing to set.</li>
		<li>
			<b>A multimeter</b> with leads in good order, better still with a low-impedance mode. Its category
			printed on it: CAT III for what hangs on a {region === 'uk' ? 'consumer unit' : 'panel'}, CAT II at the
			least.
		</li>
	</ul>
{/if}
<form onsubmit={submit}>
	<fieldset class="row">
		<legend class="label">Dead will be proven with</legend>
		{#each offered as each (each.tester)}<Radio inline name="tester" value={each.tester} bind:group={tester}>
				{each.text}</Radio
			>{/each}
	</fieldset>
	{#if tester === 'none'}<Verdict kind="open">
			Then this job goes as far as the plate, and waits there. What a lamp or a contactless tester can miss:
			<a href={`/${home}/settings`}>see it on the model</a>.
		</Verdict>{/if}
	{#each needed as tool (tool)}<Checkbox value={tool} bind:group={has}>{toolWords[tool]}</Checkbox>{/each}
	<p class="soft small">
		A contactless tester or a plug-in tester alone never proves dead. <a href={`/${home}/settings`}>Why</a>
	</p>
	<p class="row">
		<Button type="submit" size="lg">{waiting ? 'I have it now' : 'All here'}<Kbd>↵</Kbd></Button>
		<Button size="lg" color="light" onclick={() => send(needed)}>All of them lie here<Kbd>a</Kbd></Button>
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
