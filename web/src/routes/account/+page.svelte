<script lang="ts">
	import { beginning } from '$lib/day/beginning.svelte';
	import { type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import MorningList from '$lib/morning/MorningList.svelte';
	import Password from '$lib/people/Password.svelte';
	import Places from '$lib/people/Places.svelte';
	import { UNITS } from '$lib/people/words';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { COUNTRIES } from '$lib/words/say';
	import { ROLE } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	type Preferences = Pick<Schemas['AccountView'], 'units' | 'theme' | 'locale'>;
	const attempt = new Attempt();
	let units = $state<Preferences['units']>(session.account?.units ?? 'METRIC');
	let theme = $state<Preferences['theme']>(session.account?.theme ?? 'SYSTEM');
	let locale = $state(session.account?.locale ?? 'en-GB');

	/** How a number and a day are written in a country. */
	function sample(tag: string): string {
		const day = new Date('2026-08-14T12:00:00Z');
		return `${(1234.5).toLocaleString(tag)}, ${day.toLocaleDateString(tag, { day: 'numeric', month: 'short', year: 'numeric' })}`;
	}
	const countries = Object.entries(COUNTRIES).map(([value, name]) => ({
		value,
		label: `${name}: ${sample(value)}`
	}));

	$effect(() => {
		const now = session.account;
		if (units !== now?.units || theme !== now?.theme || locale !== now?.locale) {
			void attempt.run(() => session.prefer({ units, theme, locale }));
		}
	});
</script>

<Page
	title={session.account?.name ?? ''}
	says="{ROLE[session.account?.role ?? 'VISITOR']} on {session.farm?.name}"
>
	<div class="grid items-start gap-x-12 gap-y-8 lg:grid-cols-2">
		<div class="grid max-w-sm gap-5">
			<h2 class="ruled">How you see it</h2>
			<ChoiceField
				label="Units"
				name="units"
				{attempt}
				bind:value={units}
				choices={[...UNITS]}
				hint="for you alone; records are kept in SI"
			/>
			<ChoiceField
				label="Numbers and dates"
				name="locale"
				{attempt}
				bind:value={locale}
				choices={countries}
				hint="as they are written there, also on what you print"
			/>
			<ChoiceField
				label="Theme"
				name="theme"
				{attempt}
				bind:value={theme}
				choices={[
					{ value: 'SYSTEM', label: 'As this device is set' },
					{ value: 'DAYLIGHT', label: 'Daylight, readable in sun' },
					{ value: 'LAMP', label: 'Lamp, for the dim shed' }
				]}
			/>
			<Trouble {attempt} />
			{#if session.grower}
				<p><a class="quiet" href="/farm">The farm: people, papers, files</a></p>
			{/if}
			{#if beginning.left}
				<p>
					<button type="button" class="cursor-pointer underline" onclick={() => beginning.comeBack()}
						>Lead me to the first lot again</button
					>
				</p>
			{/if}
			<Loading from={data.list} stays>
				{#snippet children(own)}<MorningList list={own} changed={refresh} />{/snippet}
			</Loading>
		</div>
		<div class="grid gap-8">
			<Loading from={data.places} stays>
				{#snippet children(there)}<Places places={there} changed={refresh} />{/snippet}
			</Loading>
			<div class="max-w-sm"><Password changed={refresh} /></div>
		</div>
	</div>
	<p class="mt-6 text-sm text-soft">Theriseed {session.version}</p>
</Page>
