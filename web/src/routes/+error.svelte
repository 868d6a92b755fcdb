<script lang="ts">
	import { page } from '$app/state';
</script>

<svelte:head><title>{page.status} · Wary Hand</title></svelte:head>
<main class="mx-auto max-w-2xl p-8">
	<p class="soft">{page.status}</p>
	<h1>{page.error?.message ?? 'Something went wrong.'}</h1>
	<p><a class="btn second mt-4" href="/">To Today</a></p>
</main>
