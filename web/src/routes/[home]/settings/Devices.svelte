<script lang="ts">
	import { doneAnswer, inviteAnswer } from '$lib/answers';
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
		invite = (await asking.send('/api/devices', inviteAnswer, { method: 'POST' })) ?? invite;
	}
	async function sendAway(device: Device) {
		away = device.name;
		if (await sending.send(`/api/devices/${device.id}`, doneAnswer, { method: 'DELETE' }))
			devices = devices.filter(({ id }) => id !== device.id);
	}
</script>

<section aria-labelledby="devices">
	<h2 id="devices">Devices</h2>
	{#if everywhere}
		<p>
			This server answers the whole local network. Besides this machine only paired devices get in. A link
			pairs one device, once.
		</p>
	{:else}
		<p class="soft">
			This server answers this machine only. To use a phone at the outlet, start it with
			<code>HOST=0.0.0.0 npm start</code>; the code it prints lets the phone in.
		</p>
	{/if}
	{#if devices.length > 0}
		<ul>
			{#each devices as device (device.id)}
				<li>
					<span
						><b>{device.name}</b>
						<span class="soft"
							>paired {moment(device.pairedAt, locale)}, last seen {moment(device.seenAt, locale)}</span
						></span
					>
					<Button color="alternative" onclick={() => sendAway(device)}>Send away</Button>
				</li>
			{/each}
		</ul>
	{:else if everywhere}<p class="soft">No device is paired yet.</p>{/if}
	{#if everywhere}
		<p class="my-2.5">
			<Button size="lg" color="light" disabled={asking.pending} onclick={ask}>Pair another device</Button>
		</p>
		{#if invite}
			<div class="invite">
				<img
					alt="QR code of the pairing link"
					src={`data:image/svg+xml;utf8,${encodeURIComponent(invite.svg)}`}
				/>
				<p>
					Scan it with the device, within {invite.goodForMin} minutes. Or type: <br /><code
						>{invite.link}</code
					>
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
