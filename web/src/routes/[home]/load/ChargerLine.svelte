<script lang="ts">
	import { wattsWord, words as w } from '$words/load';
	import Input from 'flowbite-svelte/Input.svelte';
	import { findBox, type Device } from '@wary/core/house';
	import { chargerBoundsW } from '@wary/core/rules';
	import type { LoadLine } from '@wary/core/sums';
	import type { HouseEditor } from '$lib/house/editor.svelte';
	import { typedNumber, within } from '$lib/typed';

	/** The charger in an outlet: what it draws at most, and what is printed on it. */
	interface Props {
		line: LoadLine;
		charger: NonNullable<LoadLine['charger']>;
		place: string;
		editor: HouseEditor;
	}
	let { line, charger, place, editor }: Props = $props();
	const { least, most } = chargerBoundsW;
	let complaint = $state<string | null>(null);
	async function set(field: HTMLInputElement) {
		const typed = typedNumber(field.value);
		const odd = typed.value !== null && !within(typed, least, most);
		complaint = typed.complaint ?? (odd ? w.chargerRange(least, most) : null);
		const { device } = findBox(editor.house, line.box) ?? {};
		if (complaint !== null || !device) return;
		const { chargerW: _was, ...rest } = device as Device & { chargerW?: number };
		await editor.apply(
			[
				{
					do: 'setBox',
					box: line.box,
					device: (typed.value === null ? rest : { ...rest, chargerW: typed.value }) as Device
				}
			],
			w.setCharger(place)
		);
	}
</script>

<li class="flex flex-wrap items-end gap-3 border-t border-hair py-2">
	<span class="min-w-48 flex-1"
		><b>{w.charger(place)}</b><br /><span class="soft"
			>{w.chargerDraws(wattsWord(line.watts ?? 0), charger.printed)}</span
		></span
	>
	<label class="flex items-end gap-3"
		><span class="soft">{w.chargerGives}</span><Input
			class="w-28!"
			inputmode="decimal"
			aria-label={w.chargerGivesAt(place)}
			aria-invalid={complaint !== null}
			placeholder={String(charger.givesW)}
			value={charger.printed ? charger.givesW : ''}
			onchange={(event) => set(event.currentTarget)}
		/></label
	>
	{#if complaint}<p class="m-0 w-full text-live" role="alert">{complaint}</p>{/if}
</li>
