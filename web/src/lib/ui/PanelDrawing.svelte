<script lang="ts">
	import { words as w } from '$words/ui/panelDrawing';
	import {
		evidenceOf,
		mainPanel,
		mainSwitch,
		own,
		type Breaker,
		type House,
		type Panel
	} from '@wary/core/house';
	import { evidenceWords } from '$words/evidence';
	import { terms } from '$words/terms';

	/** A panel as it hangs on the wall. With `onpick`, breakers can be chosen; with `onempty`, empty spaces. */
	let {
		house,
		panel: shown = null,
		off = [],
		tried = [],
		marked = null,
		chosen = null,
		likely = null,
		chance = null,
		sure = false,
		onpick,
		onempty,
		onmain
	}: {
		house: House;
		panel?: Panel | null;
		off?: readonly string[];
		tried?: readonly string[];
		marked?: string | null;
		chosen?: string | readonly string[] | null;
		/** Where given, the others are set back. */
		likely?: readonly string[] | null;
		/** Where given, how likely each breaker is, 0 to 1. */
		chance?: Readonly<Record<string, number>> | null;
		/** Whether to say how sure the directory is of each. */
		sure?: boolean;
		onpick?: (id: string) => void;
		onempty?: (space: number) => void;
		onmain?: () => void;
	} = $props();
	const panel = $derived(shown ?? mainPanel(house));
	const us = $derived(house.region === 'us');
	const rows = $derived(us ? Math.ceil(panel.spaces / 2) : 1);
	const t = $derived(terms[house.region]);
	const place = (space: number) =>
		us ? { row: Math.ceil(space / 2), column: space % 2 === 1 ? 1 : 2 } : { row: 2, column: space };
	const isChosen = (id: string) =>
		typeof chosen === 'string' ? chosen === id : (chosen?.includes(id) ?? false);
	const mainOff = $derived(!panel.mainOn || off.includes(mainSwitch(panel.id)));
	/** Breakers by the place they begin at; two thin ones share theirs. */
	const slots = $derived.by(() => {
		const at = new Map<number, Breaker[]>();
		for (const breaker of panel.breakers)
			at.set(breaker.spaces[0]!, [...(at.get(breaker.spaces[0]!) ?? []), breaker]);
		return [...at].map(([space, breakers]) => ({
			space,
			breakers,
			span: Math.max(...breakers.map(({ spaces }) => spaces.length)),
			...place(space)
		}));
	});
	const blanks = $derived(
		Array.from({ length: panel.spaces }, (_, k) => k + 1)
			.filter((space) => !panel.breakers.some(({ spaces }) => spaces.includes(space)))
			.map((space) => ({ space, ...place(space) }))
	);
	/** uk: the ways a residual-current device covers, as runs of neighbouring ways. */
	const covers = $derived(
		us
			? []
			: panel.residualDevices.flatMap((device, k) => {
					const ways = device.covers
						.flatMap((id) => panel.breakers.find((breaker) => breaker.id === id)?.spaces ?? [])
						.sort((a, b) => a - b);
					const runs: [number, number][] = [];
					for (const way of ways) {
						const last = runs.at(-1);
						if (last && way === last[1] + 1) last[1] = way;
						else runs.push([way, way]);
					}
					return runs.map(([from, to]) => ({ name: `RCD ${k + 1}`, tripMa: device.tripMa, from, to }));
				})
	);
	const sizeOf = (breaker: Breaker) =>
		`${breaker.ratingA}${breaker.type === 'residual' ? (us ? ' GF' : ' RCBO') : breaker.type === 'arcFault' ? ' AF' : breaker.type === 'dualFunction' ? ' AF/GF' : breaker.type === 'fuse' ? ' fuse' : ''}`;
	const percent = (share: number) =>
		share >= 0.995 ? '99 %' : share < 0.01 ? '<1 %' : `${Math.round(share * 100)} %`;
</script>

{#snippet mainHandle()}
	<span class="handle" aria-hidden="true"><i></i></span>
	<span class="text"
		>{panel.fedFrom ? 'main' : us ? 'main' : 'main switch'}<small
			>{panel.mainRatingA} A<span class="sr-only">, {mainOff ? 'off' : 'on'}</span></small
		></span
	>
{/snippet}

<div class="panel {house.region}">
	<p class="name">{panel.name} <span class="soft">· {panel.place}</span></p>
	<!-- A long row scrolls, so the keyboard must be able to reach it. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div
		class="spaces"
		role="group"
		aria-label={panel.name}
		tabindex={!us && panel.spaces > 6 ? 0 : undefined}
		style:grid-template-columns={us
			? '1fr 1fr'
			: `minmax(52px, 0.9fr) repeat(${panel.spaces}, minmax(${onpick ? 44 : 0}px, 1fr))`}
		style:grid-template-rows={us ? `auto repeat(${rows}, auto)` : 'auto auto'}
	>
		{#if onmain}
			<button
				type="button"
				class="main"
				class:off={mainOff}
				aria-pressed={isChosen(mainSwitch(panel.id))}
				onclick={onmain}
				style:grid-area={us ? '1 / 1 / 2 / 3' : '2 / 1'}>{@render mainHandle()}</button
			>
		{:else}<div class="main" class:off={mainOff} style:grid-area={us ? '1 / 1 / 2 / 3' : '2 / 1'}>
				{@render mainHandle()}
			</div>{/if}
		{#each covers as cover (`${cover.name} ${cover.from}`)}
			<div class="cover" style:grid-row="1" style:grid-column={`${cover.from + 1} / ${cover.to + 2}`}>
				{cover.name} <span>{w.ma(cover.tripMa)}</span>
			</div>
		{/each}
		{#each slots as slot (slot.space)}
			<div
				class="slot"
				class:thin={slot.breakers.length > 1}
				style:grid-row={us ? `${slot.row + 1} / span ${slot.span}` : '2'}
				style:grid-column={us ? slot.column : `${slot.column + 1} / span ${slot.span}`}
			>
				{#each slot.breakers as breaker (breaker.id)}
					{@const isOff = off.includes(breaker.id) || !breaker.on}
					{@const isTried = tried.includes(breaker.id)}
					{@const evidence = sure ? evidenceOf(house, breaker) : null}
					{@const share = chance ? own(chance, breaker.id) : undefined}
					<button
						type="button"
						class="breaker"
						class:off={isOff}
						class:tried={isTried}
						class:marked={marked === breaker.id}
						class:unlikely={likely !== null && !likely.includes(breaker.id) && !isChosen(breaker.id)}
						class:right={us && slot.column === 2}
						class:poles={breaker.spaces.length > 1}
						class:chosen={isChosen(breaker.id)}
						aria-pressed={onpick ? isChosen(breaker.id) : undefined}
						disabled={!onpick}
						data-breaker={breaker.id}
						onclick={() => onpick?.(breaker.id)}
					>
						{#if share !== undefined && share >= 0.01}<span
								class="chance"
								style:--share={share}
								aria-hidden="true"
							></span>{/if}
						<b><span class="sr-only">{t.breaker} </span>{breaker.spaces.join('·')}{breaker.tandem ?? ''}</b>
						<span class="handle" aria-hidden="true"><i></i></span>
						<span class="text"
							><span class:struck={evidence?.level === 'contradicted'}>{breaker.label || '(no label)'}</span
							>{#if isTried}<em>{w.stayedLive}</em>{:else if evidence && evidence.level !== 'blank'}<em
									class={evidence.level}>{evidenceWords(evidence, house).short}</em
								>{/if}</span
						>
						<small
							>{#if share !== undefined}<span class="share" class:big={share >= 0.05}>{percent(share)}</span
								>{:else}{sizeOf(breaker)}{/if}<span class="sr-only"
								>{share !== undefined ? ' likely' : ' A'}, {isOff ? 'off' : 'on'}</span
							></small
						>
					</button>
				{/each}
			</div>
		{/each}
		{#each blanks as blank (blank.space)}
			{@const at = { row: us ? blank.row + 1 : 2, column: us ? blank.column : blank.column + 1 }}
			{#if onempty}
				<button
					type="button"
					class="breaker blank"
					class:right={us && blank.column === 2}
					style:grid-row={at.row}
					style:grid-column={at.column}
					aria-label={w.spaceEmptyAdd(blank.space, t.aBreaker)}
					onclick={() => onempty?.(blank.space)}><b>{blank.space}</b><span class="plus">+</span></button
				>
			{:else}
				<div
					class="breaker blank"
					class:right={us && blank.column === 2}
					style:grid-row={at.row}
					style:grid-column={at.column}
				>
					<b>{blank.space}</b>
				</div>
			{/if}
		{/each}
	</div>
</div>

<style>
	.panel {
		container-type: inline-size;
		border: 2px solid var(--ink);
		border-radius: 6px;
		padding: 0.6rem 0.7rem 0.7rem;
		background: var(--sheet);
	}
	.name {
		margin: 0 0 0.4rem;
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
	.slot {
		display: flex;
		flex-direction: column;
		gap: 2px;
		min-width: 0;
	}
	.main {
		display: flex;
		align-items: center;
		gap: 0.7rem;
		min-height: 2.3rem;
		padding: 0.1rem 0.7rem;
		border: 2px solid var(--ink);
		border-radius: 3px;
		color: var(--ink);
		background: transparent;
		font-weight: 600;
		text-align: left;
	}
	button.main {
		cursor: pointer;
	}
	.main small {
		font-weight: 400;
		margin-left: 0.5rem;
	}
	.breaker {
		position: relative;
		display: flex;
		flex: 1;
		align-items: center;
		gap: 0.5rem;
		min-height: 2.35rem;
		padding: 0.1rem 0.5rem;
		border: 1.5px solid var(--ink);
		border-radius: 2px;
		text-align: left;
		color: var(--ink);
		background: transparent;
		font-size: 0.95rem;
		line-height: 1.12;
		min-width: 0;
	}
	.thin .breaker {
		min-height: 1.7rem;
		font-size: 0.86rem;
	}
	button.breaker:not(:disabled) {
		cursor: pointer;
	}
	@media (max-width: 700px) {
		button.main,
		button.breaker:not(:disabled) {
			min-height: 44px;
		}
	}
	button.breaker:disabled {
		opacity: 1;
	}
	.us .breaker.right {
		flex-direction: row-reverse;
		text-align: right;
	}
	.breaker b {
		min-width: 1.5em;
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
		font-size: 0.78rem;
		color: var(--soft);
	}
	.tried .text em,
	.text em.contradicted {
		color: var(--live);
		font-weight: 600;
	}
	.text em.found {
		color: var(--dead);
		font-weight: 600;
	}
	.struck {
		text-decoration: line-through;
		text-decoration-thickness: 2px;
	}
	.handle {
		flex: none;
		width: 34px;
		height: 18px;
		border: 1.5px solid currentColor;
		border-radius: 3px;
		position: relative;
	}
	.poles .handle {
		height: 100%;
		min-height: 18px;
		max-height: 46px;
	}
	/* A us handle points to the middle of the panel when on. */
	.handle i {
		position: absolute;
		top: 2px;
		bottom: 2px;
		width: 13px;
		background: currentColor;
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
		border: 1.5px solid currentColor;
	}
	small {
		flex: none;
		color: var(--soft);
		font-size: 0.84rem;
	}
	.big {
		color: var(--ink);
		font-weight: 700;
	}
	.chance {
		position: absolute;
		left: 0;
		bottom: 0;
		height: 4px;
		width: calc(var(--share) * 100%);
		background: var(--dead);
	}
	.chosen .chance {
		background: var(--paper);
	}
	.right .chance {
		left: auto;
		right: 0;
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
	:is(.chosen, .main[aria-pressed='true']) {
		background: var(--ink);
		color: var(--paper);
	}
	:is(.chosen, .main[aria-pressed='true']) :is(small, .big, .text em, .text em.found, .text em.contradicted) {
		color: var(--paper);
	}
	.blank {
		border-style: dotted;
		color: var(--soft);
	}
	.plus {
		opacity: 0;
	}
	.blank:is(:hover, :focus-visible) .plus {
		opacity: 1;
	}
	.cover {
		border: 1.5px solid var(--ink);
		border-bottom: 0;
		font-size: 0.8rem;
		font-weight: 600;
		text-align: center;
		white-space: nowrap;
		overflow: hidden;
		padding: 0 0.3rem;
	}
	.cover span {
		font-weight: 400;
	}
	.uk .spaces {
		overflow-x: auto;
	}
	.uk :is(.breaker, .main) {
		flex-direction: column;
		justify-content: flex-start;
		text-align: center;
		min-width: 62px;
		padding: 0.45rem 0.2rem;
		font-size: 0.86rem;
		gap: 0.35rem;
	}
	.uk .main small {
		display: block;
		margin: 0;
	}
	.uk .handle,
	.uk .poles .handle {
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
	.uk .text {
		overflow-wrap: anywhere;
		hyphens: auto;
		flex: none;
		max-width: 100%;
	}
	.share {
		white-space: nowrap;
	}
	@container (max-width: 480px) {
		.us .breaker {
			min-height: 2.75rem;
			font-size: 0.82rem;
			gap: 0.3rem;
			padding: 0.1rem 0.3rem;
		}
		.us .handle {
			width: 24px;
		}
		.us .handle i {
			width: 9px;
		}
		.uk :is(.breaker, .main) {
			min-width: 0;
			font-size: 0.64rem;
			padding: 0.4rem 0.1rem;
		}
		.uk .spaces {
			gap: 2px;
		}
		/* In a narrow row labels stand upright, as they do on the real one. */
		.uk .breaker .text {
			writing-mode: vertical-rl;
			transform: rotate(180deg);
			overflow-wrap: normal;
			font-size: 0.82rem;
			max-height: 10rem;
			text-align: right;
		}
		.uk .breaker small {
			margin-top: auto;
			font-size: 0.72rem;
		}
		.share {
			font-size: 0.66rem;
		}
		.cover {
			font-size: 0.64rem;
		}
		.text em.claimed {
			display: none;
		}
		.text em {
			font-size: 0.72rem;
		}
		.uk .text em {
			font-size: 0.6rem;
		}
		.cover span {
			display: none;
		}
	}
	@media print {
		.panel {
			padding: 0;
			border: 0;
		}
	}
</style>
