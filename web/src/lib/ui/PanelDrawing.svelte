<script lang="ts">
	import { mainPanel, type House } from '@wary/core/house';
	import { terms } from '$lib/words/terms';

	/** The panel as it hangs on the wall. With `onpick`, breakers can be chosen. */
	let {
		house,
		off = [],
		tried = [],
		marked = null,
		chosen = null,
		likely = null,
		onpick
	}: {
		house: House;
		off?: readonly string[];
		tried?: readonly string[];
		marked?: string | null;
		chosen?: string | null;
		/** Where given, the others are set back. */
		likely?: readonly string[] | null;
		onpick?: (id: string) => void;
	} = $props();
	const panel = $derived(mainPanel(house));
	const columns = $derived(house.region === 'us' ? 2 : panel.spaces);
	const rows = $derived(house.region === 'us' ? Math.ceil(panel.spaces / 2) : 1);
	const t = $derived(terms[house.region]);
	const place = (space: number) =>
		house.region === 'us' ? { row: Math.ceil(space / 2), column: space % 2 === 1 ? 1 : 2 } : { row: 1, column: space };
	const residualOf = (id: string) => panel.residualDevices.findIndex(({ covers }) => covers.includes(id)) + 1;
	const blanks = $derived(
		Array.from({ length: panel.spaces }, (_, k) => k + 1)
			.filter((space) => !panel.breakers.some(({ spaces }) => spaces.includes(space)))
			.map((space) => ({ space, ...place(space) }))
	);
</script>

<div class="panel {house.region}">
	<p class="name">{panel.name} <span class="soft">· {panel.place} · main {panel.mainRatingA} A</span></p>
	<!-- A long row scrolls, so the keyboard must be able to reach it. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div
		class="spaces"
		role="group"
		aria-label={panel.name}
		tabindex={house.region === 'uk' && panel.spaces > 8 ? 0 : undefined}
		style:grid-template-columns={house.region === 'us' ? '1fr 1fr' : `repeat(${columns}, 1fr)`}
		style:grid-template-rows={`repeat(${rows}, auto)`}
	>
		{#each panel.breakers as breaker (breaker.id)}
			{@const at = place(breaker.spaces[0]!)}
			{@const isOff = off.includes(breaker.id) || !breaker.on}
			{@const isTried = tried.includes(breaker.id)}
			<button
				type="button"
				class="breaker"
				class:off={isOff}
				class:tried={isTried}
				class:marked={marked === breaker.id}
				class:unlikely={likely !== null && !likely.includes(breaker.id) && chosen !== breaker.id}
				class:right={at.column === 2}
				aria-pressed={onpick ? chosen === breaker.id : undefined}
				disabled={!onpick}
				style:grid-row={`${at.row} / span ${house.region === 'us' ? breaker.spaces.length : 1}`}
				style:grid-column={`${at.column} / span ${house.region === 'uk' ? breaker.spaces.length : 1}`}
				onclick={() => onpick?.(breaker.id)}
			>
				<b><span class="sr-only">{t.breaker} </span>{breaker.spaces.join('·')}</b>
				<span class="handle" aria-hidden="true"><i></i></span>
				<span class="text"
					>{breaker.label || '(no label)'}{#if isTried}<em>stayed live</em>{/if}</span
				>
				<small
					>{breaker.ratingA}<span class="sr-only"> A, {isOff ? 'off' : 'on'}</span>{#if residualOf(breaker.id)}<span class="rcd"
							>RCD {residualOf(breaker.id)}</span
						>{/if}</small
				>
			</button>
		{/each}
		{#each blanks as blank (blank.space)}
			<div class="breaker blank" class:right={blank.column === 2} style:grid-row={blank.row} style:grid-column={blank.column}>
				<b>{blank.space}</b>
			</div>
		{/each}
	</div>
</div>

<style>
	.panel {
		container-type: inline-size;
		border: 2px solid var(--ink);
		border-radius: 6px;
		padding: 0.7rem;
		background: var(--sheet);
	}
	.name {
		margin: 0 0 0.5rem;
		font-weight: 600;
	}
	.name span {
		font-weight: 400;
		font-size: 0.9rem;
	}
	.spaces {
		display: grid;
		gap: 3px;
	}
	.breaker {
		display: flex;
		align-items: center;
		gap: 0.5rem;
		min-height: 2.6rem;
		padding: 0.15rem 0.5rem;
		border: 1.5px solid var(--ink);
		border-radius: 2px;
		text-align: left;
		color: var(--ink);
		background: transparent;
		font-size: 0.95rem;
		line-height: 1.15;
	}
	button.breaker:not(:disabled) {
		cursor: pointer;
	}
	button.breaker:disabled {
		opacity: 1;
	}
	.us .breaker.right {
		flex-direction: row-reverse;
		text-align: right;
	}
	.breaker b {
		min-width: 1.6em;
		flex: none;
		text-align: center;
	}
	.text {
		flex: 1;
		overflow-wrap: break-word;
		min-width: 0;
	}
	.text em {
		display: block;
		font-style: normal;
		font-size: 0.8rem;
		color: var(--live);
		font-weight: 600;
	}
	.handle {
		flex: none;
		width: 34px;
		height: 18px;
		border: 1.5px solid var(--ink);
		border-radius: 3px;
		position: relative;
	}
	/* A us handle points to the middle of the panel when on. */
	.handle i {
		position: absolute;
		top: 2px;
		bottom: 2px;
		width: 13px;
		background: var(--ink);
		right: 2px;
	}
	.right .handle i,
	.off .handle i {
		right: auto;
		left: 2px;
	}
	.right.off .handle i {
		left: auto;
		right: 2px;
	}
	.off .handle i {
		background: transparent;
		border: 1.5px solid var(--ink);
	}
	small {
		flex: none;
		color: var(--soft);
	}
	.rcd {
		display: block;
		font-size: 0.68rem;
	}
	.marked {
		outline: 2px dashed var(--ink);
		outline-offset: -5px;
	}
	.unlikely {
		color: var(--soft);
		border-color: var(--hair);
	}
	.tried {
		border-style: dashed;
	}
	[aria-pressed='true'] {
		background: var(--ink);
		color: var(--paper);
	}
	[aria-pressed='true'] small,
	[aria-pressed='true'] .text em {
		color: var(--paper);
	}
	[aria-pressed='true'] .handle {
		border-color: var(--paper);
	}
	[aria-pressed='true'] .handle i {
		background: var(--paper);
	}
	.blank {
		border-style: dotted;
		color: var(--soft);
	}
	.uk .spaces {
		overflow-x: auto;
	}
	.uk .breaker {
		flex-direction: column;
		justify-content: flex-start;
		text-align: center;
		min-width: 62px;
		padding: 0.4rem 0.2rem;
		font-size: 0.86rem;
		gap: 0.35rem;
	}
	.uk .handle {
		width: 20px;
		height: 36px;
		order: -1;
	}
	.uk .handle i {
		left: 2px;
		right: 2px;
		width: auto;
		height: 14px;
		top: 2px;
		bottom: auto;
	}
	.uk .off .handle i {
		top: auto;
		bottom: 2px;
	}
	.uk small {
		text-align: center;
	}
	@media (max-width: 700px) {
		.us .breaker {
			min-height: 3rem;
			font-size: 0.85rem;
			padding: 0.15rem 0.3rem;
			gap: 0.3rem;
		}
		.us .handle {
			width: 26px;
		}
		.us .handle i {
			width: 10px;
		}
		.panel {
			padding: 0.35rem;
		}
	}
	@container (max-width: 480px) {
		.us .breaker {
			font-size: 0.82rem;
			gap: 0.3rem;
		}

		.uk .breaker {
			min-width: 0;
			font-size: 0.64rem;
			padding: 0.4rem 0.1rem;
		}
		.uk .spaces {
			gap: 2px;
		}
	}
</style>
