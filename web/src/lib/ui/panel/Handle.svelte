<script lang="ts">
	interface Props {
		region: 'us' | 'uk';
		off: boolean;
		/** us: in the right column, where “on” points the other way, to the middle of the panel. */
		right?: boolean;
		/** Of two poles. */
		tall?: boolean;
	}
	/** The handle of a breaker, as it stands. */
	let { region, off, right = false, tall = false }: Props = $props();
</script>

<span class="handle {region}" class:off class:right class:tall aria-hidden="true"><i></i></span>

<style>
	.handle {
		flex: none;
		width: 34px;
		height: 18px;
		border: 1.5px solid currentColor;
		border-radius: 3px;
		position: relative;
	}
	.tall {
		height: 100%;
		min-height: 18px;
		max-height: 46px;
	}
	i {
		position: absolute;
		top: 2px;
		bottom: 2px;
		width: 13px;
		background: currentColor;
		right: 2px;
	}
	.right i,
	.off i {
		right: auto;
		left: 2px;
	}
	.right.off i {
		left: auto;
		right: 2px;
	}
	.off i {
		background: transparent;
		border: 1.5px solid currentColor;
	}
	.uk {
		width: 20px;
		height: 36px;
		order: -1;
	}
	.uk i {
		left: 2px;
		right: 2px;
		width: auto;
		height: 14px;
		top: 2px;
		bottom: auto;
	}
	.uk.off i {
		top: auto;
		bottom: 2px;
	}
	@container (max-width: 480px) {
		.us {
			width: 24px;
		}
		.us i {
			width: 9px;
		}
	}
</style>
