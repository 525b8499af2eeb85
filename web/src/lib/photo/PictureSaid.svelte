<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { text } from '$lib/form/kinds';
	import { dayMonth, inZone } from '$lib/words/dates';

	interface Props {
		picture: Schemas['PhotoView'];
		/** What it is a picture of. */
		what: string;
		/** Whether something may be said of it here. */
		works: boolean;
		said: () => void;
	}
	/** One picture, large, with who took it and when; what it shows is said here, and that it shows something else. */
	let { picture, what, works, said }: Props = $props();

	const on = $derived(dayMonth(inZone(picture.recordedAt, session.farm?.timeZone ?? 'UTC'), session.today));
	const caption = $derived(
		new Form<Schemas['SaidRequest']>(
			{ caption: text('What it shows', { hint: 'as “purple stem, left; true, right”' }) },
			{ ...picture },
			undefined,
			picture.caption !== ''
		)
	);
	const mistake = $derived(
		new Form<{ reason: string }>({
			reason: text(picture.struckOut ? 'Why it is put back' : 'Why it is struck out', { needed: true })
		})
	);

	async function say(body: Partial<Schemas['SaidRequest']>) {
		const { caption, struckOut, version } = picture;
		await ask(
			PUT('/api/photos/{id}/said', {
				params: { path: { id: picture.id } },
				body: { caption, struckOut, version, ...body }
			})
		);
		said();
	}
</script>

<a href="/api/photos/{picture.id}" target="_blank" rel="noopener" class="block">
	<img
		src="/api/photos/{picture.id}"
		alt={picture.caption || `A picture of ${what}`}
		width={picture.width}
		height={picture.height}
		class="h-auto max-h-[60dvh] w-full object-contain"
	/>
</a>
<p class="my-3 text-sm text-soft">
	{picture.struckOut ? 'Struck out. ' : ''}By {picture.recordedBy}, {on}.
</p>
{#if works}
	{#if picture.struckOut}
		<FormOf form={mistake} send={() => say({ ...mistake.body(), struckOut: false })} class="gap-3">
			{#snippet instead()}<Act main type="submit" disabled={mistake.attempt.busy}>Put it back</Act>{/snippet}
		</FormOf>
	{:else}
		<FormOf form={caption} send={() => say(caption.body())} act="Save" class="gap-3" />
		<details class="mt-4">
			<summary class="quiet block w-fit cursor-pointer py-1.5">Does it show something else?</summary>
			<FormOf form={mistake} send={() => say({ ...mistake.body(), struckOut: true })} class="mt-2 gap-3">
				{#snippet instead()}<Act type="submit" disabled={mistake.attempt.busy}>Strike the picture out</Act
					>{/snippet}
			</FormOf>
		</details>
	{/if}
{/if}
