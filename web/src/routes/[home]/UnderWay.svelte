<script lang="ts">
	import { words as w } from '$words/today';
	import { day } from '$words/dates';

	interface Props {
		jobs: readonly {
			id: string;
			place: string;
			energy: string;
			word: string;
			next: string;
			startedAt: string;
		}[];
		slug: string;
		locale: string;
	}
	/** Jobs that wait to be gone on with, and how things stand there. */
	let { jobs, slug, locale }: Props = $props();
</script>

<section class="underway">
	<h2>{w.underWay}</h2>
	{#each jobs as job (job.id)}
		<a class="job {job.energy}" href={`/${slug}/job/${job.id}`}>
			<b>{job.place}</b><span class="state">{job.word}</span><span>{w.next(job.next)}</span><span class="soft"
				>{w.begun(day(job.startedAt, locale))}</span
			>
		</a>
	{/each}
</section>

<style>
	.underway {
		margin-bottom: 1.6rem;
	}
	.job {
		display: grid;
		grid-template-columns: 1.4fr auto 2fr auto;
		gap: 1.2rem;
		align-items: center;
		min-height: 3.4rem;
		padding: 0.5rem 1rem;
		border: 2px solid var(--ink);
		background: var(--sheet);
		text-decoration: none;
	}
	.job + .job {
		margin-top: 0.5rem;
	}
	.state {
		font-weight: 700;
		letter-spacing: 0.04em;
	}
	.assumedLive .state,
	.deliberatelyLive .state {
		color: var(--live);
	}
	@media (max-width: 800px) {
		.job {
			grid-template-columns: 1fr auto;
			gap: 0.2rem 1rem;
		}
	}
</style>
