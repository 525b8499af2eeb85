<script lang="ts">
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { here } from '$lib/offline/here';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { count, day, figure, pick } from '$lib/form/kinds';
	import { mass, percent } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { LOOK, SETTING, STEP } from '$lib/words/words';

	type Check = Schemas['SettingCheckView'];
	interface Props {
		step: Schemas['StepView'];
		checks: Check[];
		/** Called when something was written; absent where nothing may be. */
		changed?: () => void;
	}
	/** Whether a step was set right, told from seed of what it threw out, or of what it kept. */
	let { step, checks, changed }: Props = $props();

	const left = $derived(step.byProducts.reduce((sum, gone) => sum + gone.mass, 0));
	const looks = $derived(
		(Object.keys(LOOK) as Check['look'][])
			.filter((look) => left > 0 || look === 'KEPT_BROKEN')
			.map((value) => ({ value, label: LOOK[value].ask }))
	);
	const fields = () => ({
		look: pick('What was looked at', looks, { needed: true, start: looks[0].value }),
		seeds: count('Seeds looked at', { needed: true, start: 50 }),
		found: count('Sound ones, or broken ones of the kept', { needed: true }),
		discarded: figure('Grams of it that are seed', {
			hint: left > 0 ? `empty for all ${mass(left, 'METRIC')} thrown out` : 'not asked here'
		}),
		lookedOn: day('Looked on', { needed: true, start: session.today })
	});
	const asked = <T extends { look: string; discarded?: number }>(body: T) => ({
		...body,
		look: body.look as Check['look'],
		discarded: body.look === 'KEPT_BROKEN' ? undefined : body.discarded
	});
	const says = ({ look, setting }: Check) =>
		look === 'KEPT_BROKEN'
			? `${percent(setting.share)} broken`
			: `about ${mass(setting.lost, session.units)} of sound seed thrown out, ${percent(setting.lostShare)} of all`;
	const verdict = ({ setting, enough }: Check) =>
		setting.verdict === 'LOOK_AT_MORE' && enough
			? `look at ${enough} in all to tell`
			: SETTING[setting.verdict];
</script>

{#each checks as check (check.id)}
	<span class="block">
		{LOOK[check.look].done}
		{dayMonth(check.lookedOn, session.today)}: {check.found} of {check.seeds}, {says(check)}:
		<strong class={[check.setting.verdict === 'TOO_HARD' && 'text-alarm']}>{verdict(check)}</strong>
		{#if changed}<Amend
				what="the check of {dayMonth(check.lookedOn)}"
				was={check}
				fields={fields()}
				save={(body) =>
					ask(PUT('/api/setting-checks/{id}', { params: { path: { id: check.id } }, body: asked(body) }))}
				done={changed}
			/>{/if}
	</span>
{/each}
{#if changed && step.massOut !== undefined && looks.length > 0}
	<Amend
		what={STEP[step.kind].done}
		act="check the setting"
		fields={fields()}
		save={(body) =>
			ask(
				POST('/api/steps/{id}/checks', {
					params: { path: { id: step.id! } },
					body: asked(body),
					...here('a look whether the setting is right')
				})
			)}
		done={changed}
	/>
{/if}
