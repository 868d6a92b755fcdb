<script lang="ts">
	import Verdict from './Verdict.svelte';
	import type { Failure } from '$lib/client';
	import { failureText } from '$words/failures';

	interface Props {
		failure: Failure | null;
		/** Words of this form for codes of its own. */
		own?: Readonly<Record<string, string>>;
		id?: string;
	}
	/** Why a form wasn’t taken, and where it was wrong. */
	let { failure, own = {}, id }: Props = $props();
	const problems = $derived(failure && 'problems' in failure ? (failure.problems ?? []) : []);
</script>

{#if failure}<Verdict kind="bad" alert {id}>
		<p>{failureText(failure, own)}</p>
		{#if problems.length > 0}<ul class="my-1 list-disc ps-5">
				{#each problems as problem, k (k)}<li>
						{#if problem.at}<code>{problem.at}</code>{/if}
						{problem.message}
					</li>{/each}
			</ul>{/if}
	</Verdict>{/if}
