<script lang="ts">
	import FarmCopy from '$lib/files/FarmCopy.svelte';
	import SaveLists from '$lib/files/SaveLists.svelte';
	import FarmTabs from '$lib/farm/FarmTabs.svelte';
	import Page from '$lib/shell/Page.svelte';
</script>

<Page title="The farm" says="everything it knows, as files">
	<FarmTabs />
	<div class="grid items-start gap-x-12 gap-y-8 lg:grid-cols-2">
		<section>
			<h2 class="ruled mb-3">Lists</h2>
			<SaveLists />
		</section>
		<section>
			<h2 class="ruled mb-3">The whole farm</h2>
			<FarmCopy />
		</section>
	</div>
</Page>
