<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Hatch from '$lib/mark/Hatch.svelte';
	import { temperature } from '$lib/units/units';
	import { clock } from '$lib/words/dates';
	import { dryHours } from './dryHours';

	interface Props {
		day: Schemas['DayCourse'];
		/** As it is forecast, where it is. */
		forecast?: Schemas['ComingDay'];
		now: string;
		/** Whether its warmth is only what it usually is on such a day. */
		usual: boolean;
	}
	let { day, forecast, now, usual }: Props = $props();

	let room = $state(0);
	const width = $derived(Math.max(room, 280));
	const HEIGHT = 104;
	const from = $derived(Math.max(0, Math.floor(day.sunrise - 0.6)));
	const to = $derived(Math.min(24, Math.ceil(day.sunset + 0.4)));
	const x = (hour: number) => ((hour - from) / (to - from)) * width;
	const low = $derived(Math.min(...day.temperatures));
	const high = $derived(Math.max(...day.temperatures));
	const y = (celsius: number) => HEIGHT - 14 - ((celsius - low) / (high - low)) * (HEIGHT - 58);
	const line = $derived(
		day.temperatures
			.map((celsius, hour) => ({ celsius, hour }))
			.filter(({ hour }) => hour >= from && hour <= to)
			.map(({ celsius, hour }) => `${x(hour).toFixed(1)},${y(celsius).toFixed(1)}`)
			.join(' ')
	);
	const warmestIs = $derived(`warmest ${usual ? 'usually ' : ''}${temperature(high, session.units)}`);
	const dry = $derived(dryHours(forecast));
	const warmest = $derived(day.temperatures.indexOf(high));
	const nowHour = $derived(Number(now.slice(11, 13)) + Number(now.slice(14, 16)) / 60);
	const ticks = $derived(
		Array.from({ length: to - from + 1 }, (_, i) => from + i).filter(
			(hour) => hour % (width < 500 ? 4 : 2) === 0 && hour > from && hour < to
		)
	);
	/** Whether dry hours are so few that what is said of both ends would meet. */
	const shortDay = $derived(x(day.sunset) - x(day.dewOff) < 190);
	const id = $props.id();
	const nowX = $derived(Math.min(width - 28, Math.max(28, x(nowHour))));
</script>

<figure bind:clientWidth={room}>
	{#if room > 0}
		<svg
			{width}
			height={HEIGHT + 44}
			viewBox="0 -20 {width} {HEIGHT + 44}"
			role="img"
			aria-labelledby="{id}-t"
		>
			<title id="{id}-t"
				>Sunrise {clock(day.sunrise)}, dew usually off {clock(day.dewOff)}, {warmestIs}, sunset {clock(
					day.sunset
				)}.{dry ? ` Dry enough to cut seed from ${dry}.` : ''}</title
			>
			<defs>
				<Hatch id="{id}-dew" kind="dew" />
			</defs>
			<rect x="0" y="0" {width} height={HEIGHT} class="air" />
			<rect x="0" y="0" width={x(day.dewOff)} height={HEIGHT} fill="url(#{id}-dew)" />
			{#if forecast?.from !== undefined}
				<rect
					x={x(forecast.from)}
					y={HEIGHT - 8}
					width={x(forecast.from + forecast.dryHours) - x(forecast.from)}
					height="8"
					class="dry"
				/>
			{/if}
			<line x1={x(day.dewOff)} y1="0" x2={x(day.dewOff)} y2={HEIGHT} class="flag" />
			<g
				text-anchor={shortDay ? 'end' : 'start'}
				transform="translate({x(day.dewOff) + (shortDay ? -7 : 7)})"
			>
				<text y="16" class="bold">dew off {clock(day.dewOff)}</text>
				<text y="31" class="soft">usually</text>
			</g>
			<line x1={x(day.sunset)} y1="0" x2={x(day.sunset)} y2={HEIGHT} class="flag" />
			<text x={x(day.sunset) - 7} y="16" class="bold" text-anchor="end">sunset {clock(day.sunset)}</text>
			<polyline points={line} class="warmth" />
			{#if width >= 500}
				<text x={x(warmest)} y={y(high) - 7} class="high" text-anchor="middle"
					>{usual ? 'usually ' : ''}{temperature(high, session.units)}</text
				>
			{/if}
			{#if nowHour >= from && nowHour <= to}
				<line x1={x(nowHour)} y1="-4" x2={x(nowHour)} y2={HEIGHT} class="now" />
				<rect x={nowX - 28} y="-20" width="56" height="20" class="clock" />
				<text x={nowX} y="-5" text-anchor="middle" class="bold time">{clock(nowHour)}</text>
			{/if}
			<line x1="0" y1={HEIGHT} x2={width} y2={HEIGHT} class="ground" />
			{#each ticks as hour (hour)}
				<line x1={x(hour)} y1={HEIGHT} x2={x(hour)} y2={HEIGHT + 5} class="ground" />
				<text x={x(hour)} y={HEIGHT + 19} text-anchor="middle" class="soft">{clock(hour)}</text>
			{/each}
		</svg>
	{/if}
</figure>

<style>
	svg {
		display: block;
		max-width: 100%;
	}
	text {
		font-size: 12.5px;
		fill: var(--color-base-content);
	}
	.bold {
		font-weight: 700;
		font-size: 13px;
	}
	.soft {
		fill: var(--soft);
	}
	.time {
		fill: var(--color-accent-content);
	}
	.air {
		fill: var(--color-base-100);
	}
	.flag {
		stroke: var(--color-base-content);
		stroke-dasharray: 2 3;
	}
	.warmth {
		fill: none;
		stroke: var(--color-error);
		stroke-width: 2;
	}
	.high {
		fill: var(--color-error);
		font-weight: 600;
	}
	.now {
		stroke: var(--color-accent);
		stroke-width: 3;
	}
	.clock {
		fill: var(--color-accent);
	}
	.dry {
		fill: var(--straw);
	}
	.ground {
		stroke: var(--color-base-content);
		stroke-width: 1.5;
	}
</style>
