<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import { onMount } from 'svelte';
	import { download } from '$lib/download';
	import { asideUnder, drop, keptText, type Aside } from '$lib/kept';
	import Verdict from './Verdict.svelte';
	import { asideWords as w } from '$words/kept';

	interface Props {
		/** The key that it was kept under, or how such keys begin. */
		begins: string;
		/** Of a job that nothing is sent to any more: what waits there is shown as well. */
		whole?: boolean;
		/** Counted up when something more was set aside. */
		count?: number;
	}
	/** What this device kept and this version can’t read: named, to be had as a file, and thrown away only by hand. */
	let { begins, whole = false, count = 0 }: Props = $props();
	let aside = $state.raw<readonly Aside[]>([]);
	function look() {
		const waits = whole ? keptText(begins) : null;
		aside = [...asideUnder(begins), ...(waits === null ? [] : [{ key: begins, text: waits }])];
	}
	onMount(look);
	$effect(() => {
		void count;
		look();
	});
	const save = () =>
		download('wary-hand-entries.json', 'application/json', `[${aside.map(({ text }) => text).join(',\n')}]`);
	function forget() {
		for (const { key } of aside) drop(key);
		look();
	}
</script>

{#if aside.length > 0}<Verdict kind="open" alert>
		<p>{whole ? w.waits(aside.length) : w.unread(aside.length)}</p>
		<p class="row">
			<Button size="lg" color="light" onclick={save}>{w.save}</Button>
			<Button color="alternative" onclick={forget}>{w.forget}</Button>
		</p>
	</Verdict>{/if}
