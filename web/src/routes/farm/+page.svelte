<script lang="ts">
	import FarmTabs from '$lib/farm/FarmTabs.svelte';
	import LabelLines from '$lib/farm/LabelLines.svelte';
	import SettingsForm from '$lib/farm/SettingsForm.svelte';
	import LetterheadForm from '$lib/invoice/LetterheadForm.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
</script>

<Page title="The farm" says="what it is, and what it says of itself">
	<FarmTabs />
	<Loading from={data.found} stays>
		{#snippet children([farm, letterhead])}
			<div class="grid items-start gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
				<div>
					{#key farm.version}<SettingsForm {farm} changed={refresh} />{/key}
				</div>
				<div class="grid gap-8">
					<LabelLines kept={refresh} />
					<LetterheadForm there={letterhead} changed={refresh} />
				</div>
			</div>
		{/snippet}
	</Loading>
</Page>
