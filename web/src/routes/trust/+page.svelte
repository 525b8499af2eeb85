<script lang="ts">
	import Act from '$lib/form/Act.svelte';
	import Doors from '$lib/phones/Doors.svelte';
	import { WAYS, wayOf } from '$lib/phones/trusting';
	import Loading from '$lib/shell/Loading.svelte';
	import { fullDay } from '$lib/words/dates';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	let way = $state.raw(wayOf(navigator.userAgent));
</script>

<main class="mx-auto grid max-w-xl gap-6 p-5 pb-12">
	<div>
		<h1>Trust the farm</h1>
		<p class="mt-1">
			Once on each phone. Then it opens the farm over HTTPS, in this network, without the internet, and takes
			the day’s work along to where there is no signal.
		</p>
	</div>
	<Loading from={data.found}>
		{#snippet children(network)}
			{#if network.authority}
				<Doors addresses={network.addresses}>
					<div class="flex flex-wrap gap-2" role="group" aria-label="Which device">
						{#each WAYS as each (each.device)}
							<button
								type="button"
								class={['btn', way === each ? 'btn-primary' : 'btn-secondary']}
								aria-pressed={way === each}
								onclick={() => (way = each)}>{each.device}</button
							>
						{/each}
					</div>
					<ol class="grid list-decimal gap-3 pl-6">
						{#each way.steps as step, i (step)}
							<li>
								{step}
								{#if i === 0}
									<div class="mt-2">
										<Act href="/api/network/authority.crt" download>Take the certificate</Act>
									</div>
								{/if}
							</li>
						{/each}
					</ol>
					<section class="caution grid gap-2">
						<p class="font-semibold">Before you install it, compare.</p>
						<p>
							The phone shows whom it would trust, and under “details” a fingerprint, SHA-256. Both must be
							those on the grower’s screen, under The farm, Phones: this page came without HTTPS, and proves
							nothing.
						</p>
					</section>
				</Doors>
				<p class="text-soft">
					The farm’s certificate can vouch for nothing but machines in private networks like this one, not for
					anything on the internet, and ends on {fullDay(network.authority.until)}. To take it back, remove it
					where it was installed.
				</p>
			{:else}
				<p>This farm answers on its own machine only, where nothing has to be trusted.</p>
			{/if}
		{/snippet}
	</Loading>
</main>
