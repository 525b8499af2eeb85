<script lang="ts">
	import FarmTabs from '$lib/farm/FarmTabs.svelte';
	import QrCode from '$lib/people/QrCode.svelte';
	import { inLines } from '$lib/phones/trusting';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { fullDay } from '$lib/words/dates';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
</script>

<Page title="The farm" says="on the phones, in the rows and in the shed">
	<FarmTabs />
	<Loading from={data.found} stays>
		{#snippet children(network)}
			{#if network.authority && network.trustPage}
				<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.4fr)_minmax(18rem,1fr)]">
					<section class="grid gap-4">
						<h2 class="ruled">A phone’s first time</h2>
						<div class="grid gap-5 sm:grid-cols-[auto_minmax(0,1fr)]">
							<QrCode text={network.trustPage} label="Where a phone begins, as a QR code" />
							<ol class="grid list-decimal content-start gap-3 pl-6">
								<li>Bring the phone into the farm’s network.</li>
								<li>
									Point its camera at the code, or type
									<span class="font-mono break-all">{network.trustPage}</span>.
								</li>
								<li>
									It says what to tap, once. Before it trusts, it shows a fingerprint: hold it against the one
									here.
								</li>
								<li>Open the farm there, sign in, and put it on the home screen.</li>
							</ol>
						</div>
						<p>
							Whoever has no name here yet is <a href="/farm/people" class="underline">invited</a> after that, by
							a code of their own.
						</p>
					</section>
					<div class="grid gap-8">
						<section class="grid gap-2">
							<h2 class="ruled">Whom the phone trusts</h2>
							<p class="font-semibold">{network.authority.name}</p>
							<p class="font-mono leading-relaxed" aria-label="Fingerprint, SHA-256">
								{#each inLines(network.authority.fingerprint) as line (line)}{line}<br />{/each}
							</p>
							<p class="text-soft">
								Made on this machine for this farm alone, good until {fullDay(network.authority.until)}, and
								only for machines in private networks. Its key is in
								<span class="font-mono">.farm/network</span>: keep a copy where nobody else gets at it, or the
								phones must trust anew when this machine is replaced.
							</p>
						</section>
						<section class="grid gap-2">
							<h2 class="ruled">Where it opens</h2>
							<ul class="grid gap-1">
								{#each network.addresses as address (address)}
									<li><a class="font-mono break-all underline" href={address}>{address}</a></li>
								{/each}
							</ul>
							<p class="text-soft">
								{#if network.addresses[0].includes('.local:')}
									The name stays when the router gives this machine another number; a phone that does not find
									the name takes the number.
								{:else}
									The name could not be called out in this network, so the number must do.
								{/if}
								Have the router keep the number: what a phone has recorded without a signal waits under the address
								it was opened by.
							</p>
						</section>
					</div>
				</div>
			{:else if network.authority}
				<p class="caution">
					This machine stands in no network of the farm just now. Join it to the one the phones are in: this
					page then shows where they begin.
				</p>
			{:else}
				<section class="grid max-w-2xl gap-3">
					<p>
						The farm answers on its own machine only. For phones, end it and start it with
						<span class="font-mono">--lan</span>, as in <span class="font-mono">./start --empty --lan</span>:
						they open it over HTTPS in the farm’s own network, without a domain and without the internet, and
						this page shows the code to begin with.
					</p>
					<p class="text-soft">
						With a domain of your own, put a web server with its certificate in front; a tested sample, and
						how the farm starts with its machine, are in <span class="font-mono">docs/hosting.md</span>.
					</p>
				</section>
			{/if}
		{/snippet}
	</Loading>
</Page>
