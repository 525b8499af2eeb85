<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { type Schemas } from '$lib/api/api';
	import ArrivalForm from '$lib/lot/ArrivalForm.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const way = page.url.searchParams.get('way') as Schemas['ArrivalView']['way'] | null;
	const from = page.url.searchParams.get('from');
</script>

<Loading from={data.found}>
	{#snippet children(varieties)}
		<Page title="seed from elsewhere, or from before" room={{ name: 'Seed room', path: '/seed-room' }}>
			<div class="max-w-2xl">
				<p class="mb-4">
					Seed that no planting here gave becomes a lot with a number of its own. It is tested, packed and
					sold like any other; what nobody here saw growing is said on its page.
				</p>
				<ArrivalForm
					{varieties}
					way={way ?? undefined}
					fromWhom={from ?? undefined}
					kept={(lot) => void goto(`/lot/${lot.number}`)}
				/>
			</div>
		</Page>
	{/snippet}
</Loading>
