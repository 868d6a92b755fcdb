<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import type ModalComponent from 'flowbite-svelte/Modal.svelte';
	import { beforeNavigate, goto } from '$app/navigation';
	import { leavingWords as words } from '$words/failures';
	import { isUnsaved } from './unsaved.svelte';

	/** Asks before something typed and not saved is left behind: here in words of our own, and by the browser when the tab is closed. */
	let Modal = $state.raw<typeof ModalComponent | null>(null);
	let onward = $state.raw<URL | null>(null);
	let open = $state(false);
	let leaving = false;

	/** Forms with something typed and not yet handed on, as long as they stand on the page. */
	const touched = new Set<HTMLFormElement>();
	const formOf = ({ target }: Event) =>
		target instanceof HTMLElement && target.matches('input, textarea')
			? target.closest<HTMLFormElement>('main form, dialog form')
			: null;
	function typed(event: Event) {
		const form = formOf(event);
		// A name is remembered by itself; a search is no work.
		if (form && !(event.target as HTMLElement).matches('[autocomplete=name], [type=search]'))
			touched.add(form);
	}
	/** Forms that save each field as it is left say so. */
	function handed(event: Event) {
		const form = event.type === 'submit' ? (event.target as HTMLFormElement) : formOf(event);
		if (form && (event.type === 'submit' || form.dataset.saves === 'each')) touched.delete(form);
	}
	const isTouched = () =>
		[...touched].some(
			(form) =>
				form.isConnected &&
				[...form.elements].some(
					(field) =>
						(field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement) &&
						/^(text|textarea|number)$/.test(field.type) &&
						field.value.trim() !== ''
				)
		);

	beforeNavigate(async ({ cancel, to, type }) => {
		if (leaving || !(isUnsaved() || isTouched())) return;
		cancel();
		if (type === 'leave' || !to) return;
		onward = to.url;
		Modal ??= (await import('flowbite-svelte/Modal.svelte')).default;
		open = true;
	});
	async function leave() {
		if (!onward) return;
		open = false;
		leaving = true;
		await goto(onward);
		leaving = false;
	}
</script>

<svelte:document oninput={typed} onchange={handed} onsubmit={handed} />
{#if Modal}<Modal bind:open title={words.title} aria-label={words.title} size="sm">
		<p>{words.text}</p>
		<p class="row mt-4">
			<Button size="lg" onclick={() => (open = false)}>{words.stay}</Button>
			<Button color="alternative" onclick={leave}>{words.leave}</Button>
		</p>
	</Modal>{/if}
