<script lang="ts">
	import Verdict from '$lib/ui/Verdict.svelte';
	import { refusalWords } from '$words/refusals';
	import { getJob } from './context';

	/** Why the last entry doesn’t count. */
	const { session } = getJob();
</script>

{#if session.refusal}<div data-refused>
		<Verdict kind="bad">
			{refusalWords(session.refusal, session.house, session.plan, session.jobState)}
		</Verdict>
	</div>{/if}
