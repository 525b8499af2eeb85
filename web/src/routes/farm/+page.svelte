<script lang="ts">
	import { ask, GET } from '$lib/api/api';
	import FarmTabs from '$lib/farm/FarmTabs.svelte';
	import LabelLines from '$lib/farm/LabelLines.svelte';
	import SettingsForm from '$lib/farm/SettingsForm.svelte';
	import LetterheadForm from '$lib/invoice/LetterheadForm.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';

	let turn = $state(0);
	const found = $derived.by(() => {
		void turn;
		return Promise.all([ask(GET('/api/farm')), ask(GET('/api/letterhead'))]);
	});
</script>

<Page title="The farm" says="what it is, and what it says of itself">
	<FarmTabs />
	<Loading from={found} stays>
		{#snippet children([farm, letterhead])}
			<div class="grid items-start gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
				<div>
					{#key farm.version}<SettingsForm {farm} changed={() => turn++} />{/key}
				</div>
				<div class="grid gap-8">
					<LabelLines kept={() => turn++} />
					<LetterheadForm there={letterhead} changed={() => turn++} />
				</div>
			</div>
		{/snippet}
	</Loading>
</Page>
