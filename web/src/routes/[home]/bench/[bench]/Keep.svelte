<script lang="ts">
	import { words as copy } from '$words/bench/bench';
	import Button from 'flowbite-svelte/Button.svelte';
	import { compileHouse, type House } from '@wary/core/house';
	import { writeNetlist } from '@wary/core/network';
	import type { BenchSession } from '$lib/bench/session.svelte';
	import { svgOf } from '$lib/bench/svgFile';
	import { download } from '$lib/download';

	/** The bench as files to take along. */
	let { session, house }: { session: BenchSession; house: House } = $props();
	const fileName = $derived(
		session.name
			.toLowerCase()
			.replace(/[^a-z0-9]+/g, '-')
			.replace(/^-|-$/g, '') || 'bench'
	);
	const keepFile = () =>
		download(`${fileName}.bench.json`, 'application/json', JSON.stringify(session.file(), null, '\t'));
	const keepNetlist = () =>
		download(`${fileName}.cir`, 'text/plain', writeNetlist(compileHouse(house), session.name).text);
	const keepSvg = () =>
		download(`${fileName}.svg`, 'image/svg+xml', svgOf(document.querySelector<SVGSVGElement>('.stage svg')!));
</script>

<section class="keep">
	<h2>{copy.takeAlong}</h2>
	<p class="row">
		<Button color="alternative" onclick={keepFile}>{copy.benchFile}</Button>
		<Button color="alternative" onclick={keepSvg}>{copy.drawingSvg}</Button>
		<Button color="alternative" onclick={keepNetlist}>{copy.netlistSpice}</Button>
	</p>
	<p class="soft">{copy.aBenchIsADraft}</p>
</section>
