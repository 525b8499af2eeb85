<script lang="ts">
	import FarmTabs from '$lib/farm/FarmTabs.svelte';
	import MailServerForm from '$lib/mail/MailServerForm.svelte';
	import MailTrial from '$lib/mail/MailTrial.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
</script>

<Page title="The farm" says="through whom it sends mail">
	<FarmTabs />
	<Loading from={data.found} stays>
		{#snippet children(server)}
			<div class="grid items-start gap-x-12 gap-y-8 lg:grid-cols-2">
				{#if server.may}
					<MailServerForm {server} changed={refresh} />
				{:else}
					<p>
						The demo farm sends no mail: everybody knows its passwords. On a farm of your own a mail server is
						named here, and tried.
					</p>
				{/if}
				<div class="grid gap-8">
					<section class="grid gap-2">
						<h2 class="ruled">What is sent</h2>
						<p>
							The morning list: what waits on a day, at the hour each wishes, to those who ask for it on <a
								class="underline"
								href="/account">their own page</a
							>. Nothing else.
						</p>
					</section>
					{#if server.facts?.sends && server.may}<MailTrial />{/if}
				</div>
			</div>
		{/snippet}
	</Loading>
</Page>
