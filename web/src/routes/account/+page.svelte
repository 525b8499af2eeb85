<script lang="ts">
	import { session } from '$lib/api/session.svelte';
	import type { Schemas } from '$lib/api/api';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { ROLE } from '$lib/words/words';

	type Preferences = Pick<Schemas['AccountView'], 'units' | 'theme'>;
	const attempt = new Attempt();
	let units = $state<Preferences['units']>(session.account?.units ?? 'METRIC');
	let theme = $state<Preferences['theme']>(session.account?.theme ?? 'DAYLIGHT');

	$effect(() => {
		if (units !== session.account?.units || theme !== session.account?.theme) {
			void attempt.run(() => session.prefer({ units, theme }));
		}
	});
</script>

<Page
	title={session.account?.name ?? ''}
	says="{ROLE[session.account?.role ?? 'VISITOR']} on {session.farm?.name}"
>
	<div class="grid max-w-sm gap-5">
		<ChoiceField
			label="Units"
			name="units"
			{attempt}
			bind:value={units}
			choices={[
				{ value: 'METRIC', label: 'grams, metres, °C' },
				{ value: 'US', label: 'ounces, feet, °F' }
			]}
			hint="for you alone; records are kept in SI"
		/>
		<ChoiceField
			label="Light"
			name="theme"
			{attempt}
			bind:value={theme}
			choices={[
				{ value: 'DAYLIGHT', label: 'Daylight, readable in sun' },
				{ value: 'LAMP', label: 'Lamp, for the dim shed' }
			]}
		/>
		<Trouble {attempt} />
	</div>
</Page>
