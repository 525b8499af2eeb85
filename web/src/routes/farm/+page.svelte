<script lang="ts">
	import { ask, GET } from '$lib/api/api';
	import LetterheadForm from '$lib/invoice/LetterheadForm.svelte';
	import FarmTabs from '$lib/people/FarmTabs.svelte';
	import LabelLines from '$lib/people/LabelLines.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';

	const letterhead = ask(GET('/api/letterhead'));
</script>

<Page title="The farm">
	<FarmTabs />
	<div class="grid items-start gap-x-12 gap-y-8 lg:grid-cols-2">
		<LabelLines />
		<Loading from={letterhead}>
			{#snippet children(there)}<LetterheadForm {there} />{/snippet}
		</Loading>
	</div>
</Page>
