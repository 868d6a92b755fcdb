<script lang="ts">
	import { toolsNeeded } from '@wary/core/job';
	import { toolWords } from '$lib/words/steps';
	import { getJob } from '../context';

	const { session } = getJob();
	let tester = $state<'multimeter' | 'indicator'>(session.plan.region === 'uk' ? 'indicator' : 'multimeter');
	const needed = $derived(toolsNeeded(session.plan, tester));
	let has = $state<string[]>([]);
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		session.submit({ kind: 'checkTools', tester, has: has.filter((tool) => needed.includes(tool)) });
	};
</script>

<form onsubmit={submit}>
	<fieldset class="row">
		<legend class="label">Dead will be proven with</legend>
		<label class="choice"><input type="radio" name="tester" value="multimeter" bind:group={tester} /> a multimeter</label>
		<label class="choice"><input type="radio" name="tester" value="indicator" bind:group={tester} /> a two-probe indicator</label>
	</fieldset>
	{#each needed as tool (tool)}<label class="choice"><input type="checkbox" value={tool} bind:group={has} /> {toolWords[tool]}</label
		>{/each}
	<p class="soft small">A contactless tester or a plug-in tester alone never proves dead.</p>
	<p class="row">
		<button class="btn">All here<kbd>↵</kbd></button>
		<button type="button" class="btn quiet" onclick={() => (has = [...needed])}>Tick all</button>
	</p>
</form>

<style>
	fieldset {
		border: 0;
		padding: 0;
		margin: 0;
		gap: 0 1.6rem;
	}
	.small {
		font-size: 0.92rem;
		margin: 0.7rem 0;
	}
</style>
