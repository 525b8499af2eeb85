<script lang="ts">
	import Term from '$lib/glossary/Term.svelte';
	import { page as here } from '$app/state';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Pictures from '$lib/photo/Pictures.svelte';
	import ScanButton from '$lib/scan/ScanButton.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { outbox } from '$lib/offline/outbox.svelte';
	import { OfflinePage } from '$lib/offline/page.svelte';
	import KeepTheBest from '$lib/selection/KeepTheBest.svelte';
	import NewTrait from '$lib/selection/NewTrait.svelte';
	import ScoreSheet from '$lib/selection/ScoreSheet.svelte';
	import { selection } from '$lib/offline/questions';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { cropWord, many, placed } from '$lib/words/words';
	import { v7 as newId } from 'uuid';

	const id = here.params.planting!;
	const path = `/api/plantings/${id}`;
	const attempt = new Attempt();
	let heritability = $state(0.3);
	let keep = $state(0);
	let tag = $state('');
	let note = $state('');
	let scoring = $state(false);
	let all = $state(false);
	const SHOWN = 10;
	const rows = new OfflinePage(`/selection/${id}`, {
		kept: `${path}/selection`,
		ask: () => selection(id, heritability).ask()
	});

	async function mark(of: string, kind: 'PLANT' | 'FRUIT') {
		const marked = { id: newId(), kind, tag: tag.trim(), markedOn: session.today, note: note.trim() };
		// The next plant may be typed while this one is still on its way.
		tag = /^\d+$/.test(marked.tag) ? String(Number(marked.tag) + 1) : '';
		note = '';
		await rows
			.keep('POST', `${path}/candidates`, `tag ${marked.tag} of the ${of}`, marked)
			.catch((failed) => {
				({ tag, note } = marked);
				throw failed;
			});
	}
	function choose(page: Schemas['SelectionPage']) {
		void attempt.run(async () => {
			const kept = page.candidates
				.filter((one) => one.score !== undefined)
				.slice(0, keep)
				.map((one) => one.id);
			await ask(POST('/api/plantings/{id}/chosen', { params: { path: { id } }, body: { kept } }));
			rows.again();
		});
	}
	const scoreOf = (one: Schemas['CandidateView'], trait: string) => {
		const score = one.scores[trait];
		return score === undefined ? '' : String(Math.round(score * 10) / 10);
	};
</script>

<Loading from={rows.found} stays>
	{#snippet children(page)}
		{@const variety = page.planting.variety}
		{@const of = `${variety.name} ${cropWord(variety.cropName)}`}
		{@const there = new Set(page.candidates.map((one) => one.id))}
		{@const waiting = outbox.all.filter((one) => one.path === `${path}/candidates` && !there.has(one.id))}
		<Page
			of={variety.name}
			title="the best of {variety.name}"
			room={{ name: 'Field', path: '/field' }}
			says="{many(page.planting.plants, 'plant')}, {placed(page.planting.ground)}"
		>
			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.9fr)_minmax(0,1fr)]">
				<section>
					<h2 class="ruled flex items-baseline justify-between gap-3">
						Marked<span class="text-sm font-normal text-soft">
							{many(page.candidates.length + waiting.length, 'tag')}{waiting.length
								? `, ${waiting.length} on this phone`
								: ''}</span
						>
					</h2>
					{#if page.candidates.length}
						<table class="figures">
							<thead>
								<tr>
									<th scope="col">tag</th>
									{#each page.traits as trait (trait.id)}
										<th scope="col" class="text-right!">{trait.name}</th>
									{/each}
									<th scope="col" class="text-right!">score</th>
									<th scope="col">note</th>
								</tr>
							</thead>
							<tbody>
								{#each all ? page.candidates : page.candidates.slice(0, SHOWN) as one, i (one.id)}
									<tr class={[i < keep && one.score !== undefined && 'bg-pale']}>
										<th scope="row"
											><strong>{one.tag}</strong>{one.kind === 'FRUIT' ? ', fruit' : ''}{one.chosen
												? ' · kept'
												: one.chosen === false
													? ' · not kept'
													: ''}</th
										>
										{#each page.traits as trait (trait.id)}
											<td class="num">{scoreOf(one, trait.id)}</td>
										{/each}
										<td class="num">{one.score === undefined ? '' : Math.round(one.score)}</td>
										<td class="text-sm text-soft"
											>{one.note}
											<Pictures
												of={one.id}
												what="tag {one.tag}"
												pictures={page.photos[one.id]}
												changed={rows.again}
												small
											/></td
										>
									</tr>
								{/each}
							</tbody>
						</table>
						{#if page.candidates.length > SHOWN}
							<button type="button" class="mt-2 cursor-pointer underline" onclick={() => (all = !all)}
								>{all ? 'the best only' : `and ${page.candidates.length - SHOWN} more`}</button
							>
						{/if}
					{:else}
						<p class="py-3 text-soft">
							No plant is marked yet.
							{page.traits.length ? '' : 'First choose what counts, under “Scored for”.'}
							Walk the rows, hang a tag on the healthiest and truest, and write its number here.
						</p>
					{/if}
					{#if session.works}
						<form
							class="mt-4 grid grid-cols-2 items-end gap-3 sm:grid-cols-[11rem_minmax(0,1fr)_auto_auto]"
							onsubmit={(event) => {
								event.preventDefault();
								void mark(of, 'PLANT');
							}}
						>
							<div class="flex items-end gap-2">
								<TextField label="Tag" name="tag" {attempt} required needed maxlength={20} bind:value={tag} />
								<ScanButton what="a tag" read={(code) => (tag = code.slice(0, 20))} />
							</div>
							<TextField label="Note" name="note" {attempt} maxlength={300} bind:value={note} />
							<button type="submit" class="btn h-12 btn-primary">Mark the plant</button>
							<button
								type="button"
								class="btn h-12 btn-secondary"
								onclick={(event) => event.currentTarget.form?.reportValidity() && void mark(of, 'FRUIT')}
								>Mark the fruit</button
							>
						</form>
					{/if}
					<div class="mt-4 flex flex-wrap gap-3">
						{#if page.candidates.length}
							<Act newTab href="/api/plantings/{id}/selection/tags.pdf">Print the tags</Act>
							{#if page.traits.length && session.works}
								<Act key="s" onclick={() => (scoring = !scoring)}
									>{scoring ? 'Close the sheet' : 'Score them'}</Act
								>
							{:else if session.grower}
								<p class="self-center text-soft">
									To score them, first choose what counts, under “Scored for”.
								</p>
							{/if}
						{/if}
					</div>
					{#if scoring && page.traits.length}
						<div class="mt-4 border-l-4 border-marigold bg-paper p-4">
							<ScoreSheet
								draft="scores {id}"
								traits={page.traits}
								subjects={page.candidates
									.map((one) => ({ id: one.id, name: one.tag }))
									.sort((a, b) => a.name.localeCompare(b.name, 'en', { numeric: true }))}
								record={(traitId, marks) =>
									rows.keep(
										'POST',
										`${path}/visits`,
										`scores of the ${of}`,
										{ id: newId(), traitId, scoredOn: session.today, marks },
										{ draft: `scores ${id}` }
									)}
							/>
						</div>
					{/if}
				</section>
				<section>
					<h2 class="ruled">Scored for</h2>
					<ul class="mb-4">
						{#each page.traits as trait (trait.id)}
							<li class="flex justify-between border-b border-line py-1.5">
								{trait.name}<span class="text-soft"
									>{trait.low} to {trait.high}, {trait.moreIsBetter ? 'more' : 'less'} is better</span
								>
							</li>
						{:else}
							<li class="py-2 text-soft">Nothing yet. Choose what counts, and its scale.</li>
						{/each}
					</ul>
					{#if session.grower}<NewTrait variety={variety.id} made={rows.again} />{/if}
					<h2 class="ruled mt-8"><Term of="progenyRow">Progeny rows</Term></h2>
					<ul>
						{#each page.trials as trial (trial.id)}
							<li class="border-b border-line py-2">
								<a class="quiet font-semibold" href="/trials/{trial.id}">{trial.name}</a>
								<span class="text-sm text-soft">{many(trial.rows, 'row')}, {trial.decided} decided</span>
							</li>
						{:else}
							<li class="py-2 text-soft">
								Seed of single plants, sown row by row, shows which mothers are truly better.
							</li>
						{/each}
					</ul>
					{#if session.grower}
						<div class="mt-3"><Act href="/trials/new?planting={id}">Sow progeny rows here</Act></div>
					{/if}
				</section>
			</div>
			{#if page.choice}
				<section class="mt-8">
					<h2 class="ruled">How many to keep</h2>
					<div class="mt-2 overflow-x-auto">
						<KeepTheBest choice={page.choice} bind:keep bind:heritability />
					</div>
					{#if session.grower}
						<div class="mt-4">
							<Act
								main
								disabled={attempt.busy}
								why={keep ? '' : 'Choose how many, above.'}
								onclick={() => choose(page)}>{keep ? `Keep the best ${keep}` : 'Keep the best'}</Act
							>
							<Trouble {attempt} />
						</div>
					{/if}
				</section>
			{:else if page.candidates.length}
				<p class="mt-8 text-soft">
					Once three plants or more are scored and differ, what keeping few or many comes to stands here side
					by side.
				</p>
			{/if}
		</Page>
	{/snippet}
</Loading>
