<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { sendTrouble } from '$words/failures';
	import { jobPageWords as words } from '$words/job';
	import Later from '$lib/ui/Later.svelte';
	import { getJob } from './context';
	import { overtaken, refused } from './later';
	import SetAside from '$lib/ui/SetAside.svelte';

	/** What stands between a person and the next step: overtaken, refused, not taken by the server, not kept by the browser. */
	const { session } = getJob();
</script>

{#if session.overtaken}<Later load={overtaken} props={{}} />{/if}
{#if session.refusal}<Later load={refused} props={{}} />{/if}
{#if session.trouble}<Verdict kind="bad">
		<p>{sendTrouble(session.trouble)}</p>
		<p class="row">
			<Button size="lg" color="light" onclick={() => session.sendAgain()}>{words.sendAgain}</Button>
			<Button color="alternative" onclick={() => session.leaveOut()}>{words.leaveOut}</Button>
		</p>
	</Verdict>{/if}
<SetAside begins={session.keptAs} count={session.setAside} />
{#if !session.keeps}<Verdict kind="open" alert>{words.notKept}</Verdict>{/if}
