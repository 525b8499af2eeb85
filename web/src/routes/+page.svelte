<script lang="ts">
	import { goto } from '$app/navigation';

	void goto('/today', { replaceState: true });
</script>
