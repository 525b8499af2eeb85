<script lang="ts">
	import type { Schemas } from '$lib/api/api';

	interface Props {
		legend: string;
		/** Beds of the plot. */
		beds: Schemas['BedView'][];
		/** Metres of each bed that is taken, by its id, as typed. */
		taking: Record<string, { from: string; to: string }>;
		/** What it means when no bed is chosen. */
		none: string;
	}
	/** Which beds of a plot a planting takes, whole or in part. */
	let { legend, beds, taking = $bindable(), none }: Props = $props();

	function take(bed: Schemas['BedView'], wanted: boolean) {
		const others = Object.fromEntries(Object.entries(taking).filter(([id]) => id !== bed.id));
		taking = wanted ? { ...others, [bed.id]: { from: '0', to: String(Math.floor(bed.length)) } } : others;
	}
</script>

<fieldset class="sm:col-span-2">
	<legend class="mb-1 text-sm font-semibold">{legend}</legend>
	<ul class="grid gap-1">
		{#each beds as bed (bed.id)}
			<li class="flex flex-wrap items-center gap-x-3 gap-y-1">
				<label class="flex w-28 items-center gap-2">
					<input
						type="checkbox"
						class="checkbox"
						checked={taking[bed.id] !== undefined}
						onchange={(event) => take(bed, event.currentTarget.checked)}
					/>
					{bed.name}
				</label>
				{#if taking[bed.id]}
					<span class="flex items-center gap-2 text-sm">
						from
						<input
							class="input w-20"
							aria-label="{bed.name}, from metre"
							inputmode="decimal"
							bind:value={taking[bed.id].from}
						/>
						to
						<input
							class="input w-20"
							aria-label="{bed.name}, to metre"
							inputmode="decimal"
							bind:value={taking[bed.id].to}
						/>
						of {Math.floor(bed.length)} m
					</span>
				{/if}
			</li>
		{/each}
	</ul>
	<p class="mt-1 text-sm text-soft">{none}</p>
</fieldset>
