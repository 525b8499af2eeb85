<script lang="ts">
	import { ask, GET, PUT } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import type { Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import LetterheadForm from '$lib/invoice/LetterheadForm.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { ROLE } from '$lib/words/words';
	import { COUNTRIES } from '$lib/words/say';

	type Preferences = Pick<Schemas['AccountView'], 'units' | 'theme' | 'locale'>;
	const attempt = new Attempt();
	let units = $state<Preferences['units']>(session.account?.units ?? 'METRIC');
	let theme = $state<Preferences['theme']>(session.account?.theme ?? 'DAYLIGHT');
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

	const letterhead = session.grower ? ask(GET('/api/letterhead')) : undefined;
	const packet = new Attempt();
	let lines = $state(session.farm?.labelLines ?? '');
	function keepLines() {
		void packet.run(async () => {
			await ask(
				PUT('/api/farm/label-lines', { body: { version: session.farm!.version, labelLines: lines } })
			);
			await session.load();
		});
	}

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
			label="Numbers and dates"
			name="locale"
			{attempt}
			bind:value={locale}
			choices={countries}
			hint="as they are written there, also on what you print"
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
		{#if session.grower}
			<p><a class="quiet" href="/account/files">Files: lists and the whole farm, out and in</a></p>
			<form
				class="mt-4 grid gap-3"
				onsubmit={(event) => {
					event.preventDefault();
					keepLines();
				}}
			>
				<h2 class="ruled">On every packet</h2>
				<label class="grid gap-1 text-sm font-semibold"
					>What your local law asks for
					<textarea class="textarea w-full font-normal" rows="4" name="labelLines" bind:value={lines}
					></textarea>
				</label>
				<p class="text-sm text-soft">
					A line each, four at most: an office's number, a class of seed, where it was grown. Labelling rules
					differ by country.
				</p>
				<Trouble attempt={packet} labels={{ labelLines: 'What stands on every packet' }} />
				<div>
					<Act main type="submit" disabled={packet.busy || lines === (session.farm?.labelLines ?? '')}
						>Keep it</Act
					>
				</div>
			</form>
		{/if}
		{#if letterhead}
			<Loading from={letterhead}>
				{#snippet children(there)}<LetterheadForm {there} />{/snippet}
			</Loading>
		{/if}
		<p class="mt-4 text-sm text-soft">Theriseed {session.version}</p>
	</div>
</Page>
