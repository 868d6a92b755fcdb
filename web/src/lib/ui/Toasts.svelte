<script lang="ts">
	import { words as w } from '$words/ui/toasts';
	import Toast from 'flowbite-svelte/Toast.svelte';
	import { dismiss, shownNotices } from './toasts.svelte';

	const line = {
		good: 'border-s-6 border-s-dead',
		open: 'border-s-6 border-dashed border-s-ink',
		bad: 'border-s-6 border-double border-s-live text-live'
	};
</script>

<div class="no-print fixed end-4 bottom-20 z-40 grid gap-2 md:bottom-4" aria-live="polite">
	{#each shownNotices() as notice (notice.id)}
		<Toast
			role={notice.kind === 'bad' ? 'alert' : 'status'}
			class={line[notice.kind]}
			params={{ duration: 0 }}
			closeAriaLabel={w.putAway}
			onclose={() => dismiss(notice.id)}>{notice.text}</Toast
		>
	{/each}
</div>
