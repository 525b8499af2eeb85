<script lang="ts">
	import { type Schemas } from '$lib/api/api';
	import EntryLink from '$lib/people/EntryLink.svelte';
	import FarmTabs from '$lib/farm/FarmTabs.svelte';
	import Invite from '$lib/people/Invite.svelte';
	import Person from '$lib/people/Person.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	/** The link that was made last; nobody can read it again. */
	let link = $state<{ name: string; secret: string; until: string }>();

	function linked(person: Schemas['PersonView'], secret: string) {
		link = { name: person.name, secret, until: person.linkUntil! };
		refresh();
	}
</script>

<Page title="The farm" says="who may enter, and what each may do">
	<FarmTabs />
	<Loading from={data.found} stays>
		{#snippet children(people)}
			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.6fr)_minmax(18rem,1fr)]">
				<section class="grid gap-4">
					{#if link}
						{#key link.secret}<EntryLink {...link} close={() => (link = undefined)} />{/key}
					{/if}
					<div>
						<h2 class="ruled">People</h2>
						{#each people as person (person.id)}
							<Person {person} {linked} changed={refresh} />
						{/each}
						{#if people.length === 1}
							<p class="py-3 text-soft">
								Only you so far. Whoever walks, picks or stands at the bench gets a name of their own: then
								every record says who made it.
							</p>
						{/if}
					</div>
				</section>
				<Invite invited={linked} />
			</div>
		{/snippet}
	</Loading>
</Page>
