<script lang="ts">
	import { partFaults, type PartAnswers } from '@wary/core/job';
	import { partQuestions } from '$lib/words/steps';
	import { deviceWords } from '$lib/words/devices';
	import { getJob } from '../context';

	const { session } = getJob();
	const { plan } = session;
	const wanted = plan.newDevice.kind === 'fixed' ? 0 : plan.newDevice.ratingA;
	let ratingA = $state(0);
	let ticked = $state<string[]>([]);
	const answers = $derived<PartAnswers>({
		ratingA,
		tamperResistant: ticked.includes('tamperResistant'),
		sameKind: ticked.includes('sameKind'),
		grounded: ticked.includes('grounded'),
		undamaged: ticked.includes('undamaged')
	});
	const misfit = $derived(session.jobState.part === 'misfit');
	const faultWords = {
		rating: `It must be marked ${wanted} A.`,
		notTamperResistant: 'It must be tamper resistant.',
		otherKind: 'It must be of the same kind.',
		notGrounded: 'It must be a grounding one.',
		damaged: 'Take it back: a damaged part is not fitted.'
	};
	// What was said of the last part that did not fit.
	const last = $derived(session.events.findLast(({ body }) => body.kind === 'checkPart')?.body);
	const faults = $derived(misfit && last?.kind === 'checkPart' ? partFaults(plan, last.answers) : []);
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		session.submit({ kind: 'checkPart', answers });
	};
</script>

<p class="wanted">Wanted: <b>{deviceWords(plan.newDevice, plan.region)}</b></p>
{#if faults.length > 0}<div class="verdict bad" role="alert">
		This part doesn’t fit. {faults.map((fault) => faultWords[fault]).join(' ')} Check another.
	</div>{/if}
<form onsubmit={submit}>
	<fieldset class="row">
		<legend class="label">Rating marked on it</legend>
		{#each plan.region === 'uk' ? [13, 5, 2] : [15, 20, 30] as amps (amps)}
			<label class="choice"
				><input type="radio" name="rating" value={amps} bind:group={ratingA} /> {amps} A</label
			>
		{/each}
	</fieldset>
	{#each partQuestions(plan.region, plan) as question (question.key)}<label class="choice"
			><input type="checkbox" value={question.key} bind:group={ticked} /> {question.text}</label
		>{/each}
	<p class="row mt-4"><button class="btn" disabled={ratingA === 0}>This is the part<kbd>↵</kbd></button></p>
</form>

<style>
	.wanted {
		margin: 0 0 0.8rem;
	}
	fieldset {
		border: 0;
		padding: 0;
		margin: 0;
		gap: 0 1.6rem;
	}
</style>
