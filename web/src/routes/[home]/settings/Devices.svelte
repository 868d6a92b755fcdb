<script lang="ts">
	import { words as w } from '$words/settings/devices';
	import { Sending } from '$lib/sending.svelte';
	import Trouble from '$lib/ui/Trouble.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import { untrack } from 'svelte';
	import { moment } from '$words/dates';

	interface Device {
		id: string;
		name: string;
		pairedAt: string;
		seenAt: string;
	}
	/** Devices of the local network that may come in: paired by a link, and sent away here. */
	let { paired, everywhere, locale }: { paired: readonly Device[]; everywhere: boolean; locale: string } =
		$props();
	let devices = $state.raw(untrack(() => paired));
	let invite = $state.raw<{ link: string; svg: string; goodForMin: number } | null>(null);
	const asking = new Sending();
	const sending = new Sending();
	let away = $state('');

	async function ask() {
		invite = (await asking.send('/api/devices', 'invite', { method: 'POST' })) ?? invite;
	}
	async function sendAway(device: Device) {
		away = device.name;
		if (await sending.send(`/api/devices/${device.id}`, 'done', { method: 'DELETE' }))
			devices = devices.filter(({ id }) => id !== device.id);
	}
</script>

<section aria-labelledby="devices">
	<h2 id="devices">{w.devices}</h2>
	{#if everywhere}
		<p>
			{w.thisServerAnswersTheWhole}
		</p>
	{:else}
		<p class="soft">
			{w.thisServerAnswersThisMachine}
			<code>HOST=0.0.0.0 npm start</code>{w.theCodeItPrintsLets}
		</p>
	{/if}
	{#if devices.length > 0}
		<ul>
			{#each devices as device (device.id)}
				<li>
					<span
						><b>{device.name}</b>
						<span class="soft"
							>{w.pairedLastSeen(moment(device.pairedAt, locale), moment(device.seenAt, locale))}</span
						></span
					>
					<Button color="alternative" onclick={() => sendAway(device)}>{w.sendAway}</Button>
				</li>
			{/each}
		</ul>
	{:else if everywhere}<p class="soft">{w.noDeviceIsPairedYet}</p>{/if}
	{#if everywhere}
		<p class="my-2.5">
			<Button size="lg" color="light" disabled={asking.pending} onclick={ask}>{w.pairAnotherDevice}</Button>
		</p>
		{#if invite}
			<div class="invite">
				<img alt={w.qrCodeOfThePairing} src={`data:image/svg+xml;utf8,${encodeURIComponent(invite.svg)}`} />
				<p>
					{w.scanItWithTheDevice(invite.goodForMin)} <br /><code>{invite.link}</code>
				</p>
			</div>
		{/if}
	{/if}
	<Trouble failure={asking.failure} />
	{#if sending.failure}<p>{away}:</p>
		<Trouble failure={sending.failure} />{/if}
</section>

<style>
	ul {
		list-style: none;
		padding: 0;
		max-width: 44rem;
	}
	li {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 1rem;
		border-bottom: 1px solid var(--hair);
		padding: 0.4rem 0;
	}
	section {
		border-top: 2px solid var(--ink);
		padding-top: 0.7rem;
		margin-top: 1.2rem;
	}
	.invite {
		display: flex;
		flex-wrap: wrap;
		gap: 1.2rem;
		align-items: center;
	}
	.invite img {
		width: 12rem;
		height: 12rem;
		background: #fff;
	}
	code {
		font-family: inherit;
		font-weight: 600;
		overflow-wrap: anywhere;
	}
</style>
