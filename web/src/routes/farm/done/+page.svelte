<script lang="ts">
	import { goto } from '$app/navigation';
	import { session } from '$lib/api/session.svelte';
	import DoneLines from '$lib/done/DoneLines.svelte';
	import DayInput from '$lib/form/DayInput.svelte';
	import FarmTabs from '$lib/farm/FarmTabs.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { longDay, shortDay } from '$lib/words/dates';
	import { many } from '$lib/words/words';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const id = $props.id();
	const link = (query: { day: string; by?: string; page?: number }) => {
		const all = { by: data.by, page: 0, ...query };
		return `/farm/done?day=${all.day}${all.by ? `&by=${encodeURIComponent(all.by)}` : ''}${all.page ? `&page=${all.page}` : ''}`;
	};
</script>

<Page title="The farm" says="who did what, and when">
	<FarmTabs />
	<Loading from={data.found} stays>
		{#snippet children(done)}
			<div class="mb-4 flex flex-wrap items-center gap-x-6 gap-y-2">
				<div class="flex items-center gap-2">
					<label for="{id}-day" class="font-semibold">Day</label>
					<div class="w-44">
						<DayInput
							id="{id}-day"
							value={done.day}
							max={session.today}
							changed={(day) => void goto(link({ day }))}
						/>
					</div>
				</div>
				<nav class="flex gap-5" aria-label="Other days">
					{#if done.earlier}<a class="quiet" href={link({ day: done.earlier })}
							>earlier: {shortDay(done.earlier)}</a
						>{/if}
					{#if done.later}<a class="quiet" href={link({ day: done.later })}>later: {shortDay(done.later)}</a
						>{/if}
				</nav>
				{#if done.people.length > 1 || data.by}
					<nav class="flex flex-wrap gap-x-4" aria-label="Who">
						{#each ['', ...done.people] as who (who)}
							<a
								class={['py-1', who === data.by ? 'font-bold' : 'text-soft hover:underline']}
								aria-current={who === data.by ? 'true' : undefined}
								href={link({ day: done.day, by: who })}>{who || 'everybody'}</a
							>
						{/each}
					</nav>
				{/if}
			</div>
			<h2 class="ruled">{longDay(done.day)}</h2>
			{#if done.lines.total === 0}
				<p class="py-3 text-soft">Nothing was written down on this day{data.by ? ` by ${data.by}` : ''}.</p>
			{:else}
				<DoneLines lines={done.lines.items} />
				{#if done.lines.pages > 1}
					<nav class="mt-3 flex gap-5" aria-label="Pages">
						{#if data.page > 0}<a class="quiet" href={link({ day: done.day, page: data.page - 1 })}
								>later on this day</a
							>{/if}
						{#if data.page < done.lines.pages - 1}<a
								class="quiet"
								href={link({ day: done.day, page: data.page + 1 })}
								>{many(done.lines.total - 100 * (data.page + 1), 'line')} from earlier on this day</a
							>{/if}
					</nav>
				{/if}
			{/if}
		{/snippet}
	</Loading>
</Page>
