<script lang="ts">
	import Page from '$lib/shell/Page.svelte';
</script>

<Page title="Nothing is here">
	<p>
		This address leads nowhere. <a class="quiet" href="/today">Go to Today</a>, or press <kbd>/</kbd> to find a
		lot.
	</p>
</Page>
