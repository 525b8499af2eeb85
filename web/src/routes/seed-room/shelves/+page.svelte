<script lang="ts">
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { choice, figure, measure, text } from '$lib/form/kinds';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import Pictures from '$lib/photo/Pictures.svelte';
	import AirLog from '$lib/seedroom/AirLog.svelte';
	import AirStrip from '$lib/seedroom/AirStrip.svelte';
	import RoomTabs from '$lib/seedroom/RoomTabs.svelte';
	import { SHELF } from '$lib/seedroom/words';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { temperature } from '$lib/units/units';
	import { many } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const attempt = new Attempt();

	const fields = (shelf?: Schemas['ShelfView']) => ({
		name: text('Name'),
		kind: choice('What it is', SHELF, { start: 'COOL_ROOM' }),
		celsius: measure('Usually', 'warmth', {
			hint: shelf ? undefined : 'left empty, what is usual for its kind'
		}),
		humidity: figure('Usually, humidity', { unit: '%' }),
		note: text('Note')
	});
	function hear(id: string) {
		void attempt.run(async () => {
			await ask(POST('/api/shelves/{id}/readings', { params: { path: { id } }, body: {} }));
			refresh();
		});
	}
</script>

<Loading from={data.found} stays>
	{#snippet children({ shelves, photos })}
		<Page title="Seed room" says={shelves.length ? many(shelves.length, 'place') : 'no place yet'}>
			<RoomTabs />
			{#if shelves.length > 0}<AirStrip {shelves} />{/if}
			{#if shelves.length === 0}
				<p class="mb-3 max-w-prose">
					Name the places your seed stands in: a shelf in the cool room, the fridge, the freezer. Cold and dry
					decide how long it lives.
				</p>
			{/if}
			{#if session.grower}
				<div class="my-4">
					<Amend
						what="place"
						act="add a place"
						asAct
						fields={fields()}
						save={(body) => ask(POST('/api/shelves', { body }))}
						done={refresh}
					/>
				</div>
			{/if}
			<Trouble {attempt} />
			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-2">
				{#each shelves as shelf (shelf.id)}
					<section id={shelf.id}>
						<h2 class="ruled">{shelf.name}</h2>
						<p class="my-2 text-sm text-soft">
							{SHELF[shelf.kind]}, usually {temperature(shelf.celsius, session.units)} and {shelf.humidity} %{shelf.note
								? `; ${shelf.note}`
								: ''}
							{#if session.grower}<Amend
									what={shelf.name}
									was={shelf}
									fields={fields(shelf)}
									save={(body) => ask(PUT('/api/shelves/{id}', { params: { path: { id: shelf.id } }, body }))}
									done={refresh}
								/>{/if}
						</p>
						<AirLog {shelf} readings={shelf.readings} />
						<div class="mt-2">
							<Pictures of={shelf.id} what={shelf.name} pictures={photos[shelf.id]} changed={refresh} small />
						</div>
						{#if session.works}
							<div class="mt-3 flex flex-wrap items-center gap-3">
								<Amend
									what="the air of {shelf.name}"
									act="write down a reading"
									asAct
									fields={{
										celsius: measure('It reads', 'warmth', { needed: true }),
										humidity: figure('Humidity', { unit: '%', hint: 'if it shows any' })
									}}
									save={(body) =>
										ask(POST('/api/shelves/{id}/readings', { params: { path: { id: shelf.id } }, body }))}
									done={refresh}
								/>
								{#if session.farm?.demo}
									<Act onclick={() => hear(shelf.id)}>Take from the simulated hygrometer</Act>
								{/if}
							</div>
						{/if}
					</section>
				{/each}
			</div>
		</Page>
	{/snippet}
</Loading>
