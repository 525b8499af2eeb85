<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { mass } from '$lib/units/units';
	import { many } from '$lib/words/words';
	import { BOX, layOut, type Box } from './family';
	import { amount, gen } from './words';

	interface Props {
		family: Schemas['FamilyView'];
	}
	/** Seed from what it was first sown with to whoever has some, year by year. */
	let { family }: Props = $props();
	let room = $state(0);
	let shown = $state<HTMLElement>();
	const laid = $derived(layOut(family, room));
	/** What the family is of is seen first, where the drawing is wider than the page. */
	$effect(() => {
		const own = laid.boxes.find((one) => one.id === family.number);
		if (shown && own && room > 0) shown.scrollLeft = own.x + BOX.width / 2 - room / 2;
	});
	const units = $derived(session.units);
	const id = $props.id();

	function says({ what }: Box): [string, string] {
		if (what.kind === 'lot') {
			const { lot } = what;
			const some = [lot.bulk ? mass(lot.bulk, units) : '', lot.packets ? `${lot.packets} pk` : ''];
			const left = some.filter(Boolean).join(' + ') || (lot.here ? 'still empty' : 'none left');
			return [
				lot.number,
				[lot.onHold ? 'held' : '', lot.origin === 'PICKED' ? gen(lot.generation) : SHORT[lot.origin], left]
					.filter(Boolean)
					.join(' · ')
			];
		}
		if (what.kind === 'from')
			return [
				what.bought.theirNumber || 'from elsewhere',
				[what.bought.supplier, what.bought.grownIn].filter(Boolean).join(', ')
			];
		if (what.kind === 'mix') {
			const { mix } = what;
			const left =
				mix.packetsHere || mix.bulkHere ? amount(mix.packetsHere, mix.bulkHere, units) : 'none left';
			return [mix.number, ['mix', mix.onHold ? 'held' : '', left].filter(Boolean).join(' · ')];
		}
		if (what.kind === 'standing') return ['no lot yet', what.standing.ground];
		return [
			amount(what.left.packets, what.left.bulk, units),
			`with ${many(what.left.customers, 'customer')}`
		];
	}
	const href = ({ what }: Box) =>
		what.kind === 'lot'
			? `/lot/${what.lot.number}`
			: what.kind === 'standing'
				? `/sown/${what.standing.plantingId}`
				: what.kind === 'mix'
					? `/stall/mixes/${what.mix.number}`
					: undefined;
	const SHORT = { PART: 'part', BLEND: 'blend', ELSEWHERE: 'from elsewhere' };
	const held = ({ what }: Box) =>
		(what.kind === 'lot' && what.lot.onHold !== undefined) ||
		(what.kind === 'mix' && what.mix.onHold !== undefined);
	const fit = (text: string, most: number) => (text.length > most ? `${text.slice(0, most - 1)}…` : text);
</script>

{#snippet box(one: Box)}
	{@const [head, line] = says(one)}
	{@const own = one.id === family.number}
	<rect
		width={BOX.width}
		height={BOX.height}
		class={['card', own && 'own', held(one) && 'held', one.what.kind === 'standing' && 'growing']}
	/>
	<circle cx="16" cy="21" r="5" class={['hole', own && 'own']} />
	<text x="29" y="26" class={['number', own && 'own']}>{fit(head, 17)}</text>
	<text x="15" y="47" class={['line', own && 'own']}>{fit(line, 30)}</text>
{/snippet}

<figure bind:this={shown} bind:clientWidth={room} class="overflow-x-auto">
	{#if room > 0}
		<svg
			viewBox="0 0 {laid.width} {laid.height}"
			width={laid.width}
			height={laid.height}
			role="group"
			aria-labelledby="{id}-says"
		>
			<title id="{id}-says"
				>Family of lot {family.number}: {many(family.lots.length, 'lot')}; all of it stands in the table
				below.</title
			>
			{#each laid.years as { year, x } (year)}
				<text {x} y="18" class="year">{year}</text>
				<line x1={x} x2={x} y1="26" y2={laid.height - 8} class="rule" />
			{/each}
			{#each laid.strands as strand, i (i)}
				<path d={strand.path} class="strand" stroke-width={strand.width} />
			{/each}
			{#each laid.strands as strand, i (i)}
				{#if strand.sown}
					{@const { x, y } = strand.sown}
					<path
						d="M{x - 24} {y}C{x - 12} {y - 2} {x - 9} {y - 11} {x} {y - 11}S{x + 12} {y - 2} {x + 24} {y}C{x +
							12} {y + 2} {x + 9} {y + 11} {x} {y + 11}S{x - 12} {y + 2} {x - 24} {y}Z"
						class="seed"
					/>
					<text {x} y={y + 28} text-anchor="middle" class="line soft"
						>{strand.sown.mass ? `sown ${mass(strand.sown.mass, units)}` : 'sown'}</text
					>
				{/if}
			{/each}
			{#each laid.boxes as one (one.id)}
				{@const link = href(one)}
				<g transform="translate({one.x} {one.y})">
					{#if link}<a href={link} aria-label={says(one).join(': ')}>{@render box(one)}</a
						>{:else}{@render box(one)}{/if}
				</g>
			{/each}
		</svg>
	{/if}
</figure>

<style>
	.year {
		fill: var(--color-base-content);
		font-weight: 700;
	}
	.rule {
		stroke: var(--color-base-300);
	}
	.strand {
		fill: none;
		stroke: var(--straw);
	}
	.seed {
		fill: var(--color-accent);
		stroke: var(--color-base-content);
		stroke-width: 1.2;
	}
	.card {
		fill: var(--color-base-100);
		stroke: var(--color-base-content);
		stroke-width: 1.5;
	}
	.card.growing {
		stroke-dasharray: 5 4;
	}
	.card.own {
		fill: var(--beet);
		stroke: var(--beet);
	}
	.card.held {
		stroke: var(--beet);
		stroke-width: 3;
	}
	.hole {
		fill: var(--color-base-200);
		stroke: var(--color-base-content);
		stroke-width: 1.5;
	}
	.hole.own {
		fill: var(--on-beet);
		stroke: var(--on-beet);
	}
	.number {
		fill: var(--color-base-content);
		font-family: var(--font-mono);
		font-size: 0.95rem;
		font-weight: 650;
		letter-spacing: 0.03em;
	}
	.line {
		fill: var(--soft);
		font-size: 0.82rem;
	}
	.own {
		fill: var(--on-beet);
	}
	a:hover .number {
		text-decoration: underline;
	}
</style>
