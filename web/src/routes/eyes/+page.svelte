<script lang="ts">
	import { v7 as newId } from 'uuid';
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { count, day, text } from '$lib/form/kinds';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { percent } from '$lib/units/units';
	import { fullDay } from '$lib/words/dates';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	type How = Schemas['EyeCheckFacts']['how'];

	/** Of the next check: the same however often it is sent. */
	let id = $state(newId());
	function done() {
		id = newId();
		refresh();
	}

	interface Way {
		act: string;
		says: string;
		other?: string;
		first: string;
		second: string;
		both?: string;
	}
	const WAYS: Record<How, Way> = {
		MARKS: {
			act: 'Hidden marks',
			says: 'Somebody else ties a thread to some plants, out of sight until one stands before them; the other walks and counts the threads found.',
			other: 'Who put them out',
			first: 'Marks put out',
			second: 'Marks found'
		},
		TOGETHER: {
			act: 'Two over the same rows',
			says: 'Two people walk the same rows, neither knowing what the other found; nothing is pulled between.',
			other: 'Who else walked',
			first: 'Off-types the first found',
			second: 'Off-types the other found',
			both: 'Of them found by both'
		},
		AGAIN: {
			act: 'A second pass',
			says: 'The same rows again soon after, when all that was found first was pulled.',
			first: 'Pulled on the first pass',
			second: 'Pulled on the second'
		}
	};
	const ways = Object.keys(WAYS) as How[];

	const NEEDED = { needed: true } as const;
	const fields = (how: How) => ({
		checkedOn: day('Day', { ...NEEDED, start: session.today }),
		kind: text('Kind of off-type', { hint: 'as on the walk: white silks, wrong leaf …' }),
		walker: text('Whose eyes', { start: session.account?.name }),
		other: text(WAYS[how].other ?? '', { when: () => WAYS[how].other !== undefined }),
		first: count(WAYS[how].first, NEEDED),
		second: count(WAYS[how].second, NEEDED),
		both: count(WAYS[how].both ?? '', { ...NEEDED, when: () => WAYS[how].both !== undefined }),
		note: text('Note')
	});
	/** What is not asked of a way is none of it. */
	const NONE = { other: '', both: 0 };
	type Check = Schemas['EyeCheckView'];
	function says({ facts, overlooked, most }: Check): string {
		const left = overlooked === undefined ? '' : Math.round(overlooked * 10) / 10;
		switch (facts.how) {
			case 'MARKS':
				return `${facts.second} of ${facts.first} marks of ${facts.other}`;
			case 'TOGETHER':
				return `${facts.first}, ${facts.other} ${facts.second}, ${facts.both} by both; both overlooked about ${left}, at most ${Math.ceil(most ?? 0)}`;
			case 'AGAIN':
				return left === ''
					? `${facts.first}, then ${facts.second}: not told, the second pass found no fewer`
					: `${facts.first}, then ${facts.second}; about ${left} were left`;
		}
	}
</script>

<Loading from={data.found} stays>
	{#snippet children(page)}
		<Page title="Eyes" room={{ name: 'Field', path: '/field' }} says="how well off-types are recognised">
			<p class="max-w-prose">
				A walk is judged by how many off-types its walker is likely to overlook. Until that is measured, an
				eye is taken to see {percent(page.usual)}. From {page.enough} marks or off-types on, the lower 95 % limit
				of what was measured counts, of the kind that is seen worst.
			</p>
			{#if session.works}
				<div class="my-4 grid gap-x-8 gap-y-4 md:grid-cols-3">
					{#each ways as how (how)}
						<div>
							<Amend
								what="how many are found"
								act={WAYS[how].act}
								asAct
								fields={fields(how)}
								save={(body) => ask(POST('/api/eyes', { body: { ...NONE, ...body, how, id } }))}
								{done}
							/>
							<p class="mt-1 text-sm text-soft">{WAYS[how].says}</p>
						</div>
					{/each}
				</div>
			{/if}
			<h2 class="ruled mt-6">People</h2>
			{#if page.people.length}
				<table class="figures max-w-4xl">
					<thead>
						<tr>
							<th scope="col">whose eyes</th>
							<th scope="col">kind</th>
							<th scope="col" class="text-right!">found</th>
							<th scope="col" class="text-right!">share</th>
							<th scope="col" class="text-right!">between, 95 %</th>
							<th scope="col" class="text-right!">walks go by</th>
						</tr>
					</thead>
					<tbody>
						{#each page.people as person (person.name)}
							{#each person.kinds as kind, i (kind.kind)}
								<tr>
									<th scope="row">{i === 0 ? person.name : ''}</th>
									<td>{kind.kind}</td>
									<td class="num">{kind.found} of {kind.known}</td>
									<td class="num">{percent(kind.share)}</td>
									<td class="num">{percent(kind.lower)} and {percent(kind.upper)}</td>
									<td class="num"
										>{#if i === 0}{percent(person.goesBy)}{person.measured
												? ''
												: ', the usual: too few yet'}{/if}</td
									>
								</tr>
							{/each}
						{/each}
					</tbody>
				</table>
				<p class="mt-1 text-sm text-soft">
					Off-types differ in how well they show: two people overlook the same hard ones, so eyes look better
					than they are. Marks must look like the real thing.
				</p>
			{:else}
				<p class="py-3 text-soft">No eyes have been checked yet.</p>
			{/if}
			{#if page.checks.length}
				<h2 class="ruled mt-6">Checks</h2>
				<table class="figures max-w-4xl">
					<thead>
						<tr>
							<th scope="col">day</th>
							<th scope="col">how</th>
							<th scope="col">kind</th>
							<th scope="col">whose eyes</th>
							<th scope="col">found</th>
							<th scope="col">by</th>
						</tr>
					</thead>
					<tbody>
						{#each page.checks as check (check.id)}
							<tr>
								<th scope="row">{fullDay(check.facts.checkedOn)}</th>
								<td>{WAYS[check.facts.how].act.toLowerCase()}</td>
								<td>{check.facts.kind}</td>
								<td>{check.facts.walker}</td>
								<td>{says(check)}{check.facts.note ? `; ${check.facts.note}` : ''}</td>
								<td class="text-soft"
									>{check.recordedBy}
									{#if session.works}<Amend
											what="the check of {fullDay(check.facts.checkedOn)}"
											was={{ ...check.facts, version: check.version }}
											fields={fields(check.facts.how)}
											save={(body) =>
												ask(
													PUT('/api/eyes/{id}', {
														params: { path: { id: check.id } },
														body: { ...NONE, ...body, how: check.facts.how, id: check.id }
													})
												)}
											{done}
										/>{/if}</td
								>
							</tr>
						{/each}
					</tbody>
				</table>
			{/if}
		</Page>
	{/snippet}
</Loading>
