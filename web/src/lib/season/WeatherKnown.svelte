<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { text } from '$lib/form/kinds';
	import WeatherFolder from './WeatherFolder.svelte';
	import { dayMonth, fullDay } from '$lib/words/dates';

	interface Props {
		known?: Schemas['WeatherView']['known'];
		farm: Schemas['FarmView'];
		/** Where a station may write to; a grower is told. */
		folder?: Schemas['FolderView'];
		done: () => void;
	}
	/** The days that bloom is calculated from: what is known of the weather, a file to read in, and the frosts. */
	let { known, farm, folder, done }: Props = $props();
	const frosts = new Form({
		lastFrost: text('Last frost', { hint: session.south ? 'such as 10-20' : 'such as 04-20' }),
		firstFrost: text('First frost', { hint: session.south ? 'such as 04-28' : 'such as 10-28' })
	});

	async function keepFrosts() {
		const { lastFrost, firstFrost } = frosts.body();
		await ask(
			PUT('/api/farm/frosts', {
				body: { version: farm.version, lastFrost: `--${lastFrost}`, firstFrost: `--${firstFrost}` }
			})
		);
		frosts.clear();
		done();
	}
	/** A day of any year, and so of one that has them all. */
	const frost = (monthDay?: string) => (monthDay ? dayMonth(monthDay.replace('--', '2000-')) : '');
</script>

<h2 class="ruled mt-7 mb-3">The days it rests on</h2>
<p>
	{#if known}
		Weather is known until {fullDay(known.day)} ({known.source}); from then on the farm’s usual warmth stands
		in.
	{:else}
		No day’s weather is known: every date rests on the farm’s usual warmth.
	{/if}
	{farm.lastFrost
		? `Frost usually ends ${frost(farm.lastFrost)} and comes again ${frost(farm.firstFrost)}.`
		: 'When frost ends and comes again has not been said.'}
</p>
{#if session.grower}
	<p class="mt-2">
		<a class="quiet" href="/farm/import?list=weather">Read days from a file: of a diary, or of a station</a>
	</p>
	{#if folder}<WeatherFolder {folder} />{/if}
	<FormOf form={frosts} send={keepFrosts} main={false} act="Save frosts" class="mt-5 grid-cols-2 gap-4" />
{/if}
