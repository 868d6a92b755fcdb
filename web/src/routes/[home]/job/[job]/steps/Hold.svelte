<script lang="ts">
	import type { Hold } from '@wary/core/isolation';
	import { getJob } from '../context';

	const { session } = getJob();
	const ways: { way: Hold; text: string; worth: string }[] = [
		{ way: 'padlock', text: 'Clip and padlock, the only key in my pocket', worth: 'Strong: holds while you are away.' },
		{ way: 'tape', text: 'Taped over, panel door closed', worth: 'Weaker: every time you leave its sight, the proof lapses.' },
		{ way: 'watch', text: 'Somebody stands by the panel', worth: 'Weaker: holds as long as they do.' }
	];
	let way = $state<Hold>('padlock');
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		session.submit({ kind: 'hold', way });
	};
</script>

<form onsubmit={submit}>
	{#each ways as each (each.way)}
		<label class="choice"
			><input type="radio" name="hold" value={each.way} bind:group={way} /><span
				>{each.text}<br /><span class="soft">{each.worth}</span></span
			></label
		>
	{/each}
	<p class="row mt-4"><button class="btn">It is held<kbd>↵</kbd></button></p>
</form>
