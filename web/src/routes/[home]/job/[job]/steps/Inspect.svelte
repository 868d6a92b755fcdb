<script lang="ts">
	import { conditions, stopping, type Answer, type Condition } from '@wary/core/job';
	import { conditionWords } from '$lib/words/conditions';
	import { getJob } from '../context';

	const { session } = getJob();
	const words = conditionWords(session.plan.region);
	let answers = $state<Record<Condition, Answer | null>>(
		Object.fromEntries(conditions.map((condition) => [condition, null])) as Record<Condition, null>
	);
	let note = $state('');
	let complaint = $state<string | null>(null);
	const left = $derived(conditions.filter((condition) => answers[condition] === null));
	const options: [Answer, string][] = [
		['no', 'no'],
		['yes', 'yes'],
		['unsure', 'can’t tell']
	];
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		if (left.length > 0) {
			complaint = `Still open: ${words[left[0]!].look.toLowerCase()}${left.length > 1 ? `, and ${left.length - 1} more` : ''}.`;
			return;
		}
		session.submit({ kind: 'inspect', answers: answers as Record<Condition, Answer>, note });
	};
	const restNo = () => {
		for (const condition of left) answers[condition] = 'no';
		complaint = null;
	};
</script>

<form onsubmit={submit}>
	{#each conditions as condition (condition)}
		{@const answer = answers[condition]}
		<fieldset>
			<legend
				>{words[condition].look}{#if stopping.includes(condition)}<span class="soft">&nbsp;· ends the job</span>{/if}</legend
			>
			<div class="answers">
				{#each options as [value, text] (value)}
					<label class:on={answer === value}
						><input
							type="radio"
							name={condition}
							{value}
							checked={answer === value}
							onchange={() => (answers[condition] = value)}
						/>{text}</label
					>
				{/each}
			</div>
			{#if answer === 'yes' || answer === 'unsure'}<p class="then" class:bad={stopping.includes(condition)}>
					{answer === 'unsure' && stopping.includes(condition) ? 'Not being sure ends the job too. That is right.' : words[condition].then}
				</p>{/if}
		</fieldset>
	{/each}
	<label><span class="label">In your own words</span><input class="field" bind:value={note} maxlength="500" /></label>
	{#if complaint && left.length > 0}<p class="verdict bad" role="alert">{complaint}</p>{/if}
	<p class="row mt-4">
		<button class="btn">That is what I see<kbd>↵</kbd></button>{#if left.length > 0}<button type="button" class="btn quiet" onclick={restNo}
				>“no” to the other {left.length}</button
			>{/if}
	</p>
</form>

<style>
	fieldset {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0.2rem 1rem;
		align-items: center;
		border: 0;
		border-bottom: 1px solid var(--hair);
		padding: 0.3rem 0;
		margin: 0;
	}
	legend {
		float: left;
		padding: 0;
		grid-column: 1;
	}
	.answers {
		grid-column: 2;
		display: flex;
	}
	.answers label {
		display: flex;
		align-items: center;
		justify-content: center;
		min-width: 3.4rem;
		min-height: 2.75rem;
		padding: 0 0.6rem;
		border: 2px solid var(--ink);
		margin-right: -2px;
		cursor: pointer;
		white-space: nowrap;
	}
	.answers input {
		position: absolute;
		opacity: 0;
	}
	.answers label:focus-within {
		outline: 3px solid var(--dead);
		outline-offset: 2px;
	}
	.answers .on {
		background: var(--ink);
		color: var(--paper);
		font-weight: 700;
	}
	.then {
		grid-column: 1 / -1;
		margin: 0 0 0.3rem;
	}
	.then.bad {
		color: var(--live);
		font-weight: 600;
	}
	@media (max-width: 700px) {
		fieldset {
			grid-template-columns: 1fr;
		}
		.answers {
			grid-column: 1;
		}
	}
</style>
