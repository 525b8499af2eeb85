<script lang="ts">
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { here } from '$lib/rows/here';
	import { session } from '$lib/api/session.svelte';
	import Amend, { type Entry } from '$lib/form/Amend.svelte';
	import { countIn, maybeNumberIn } from '$lib/form/typed';
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
	const entries = (check?: Check): Entry[] => [
		{ name: 'look', label: 'What was looked at', value: check?.look ?? looks[0].value, choices: looks },
		{ name: 'seeds', label: 'Seeds looked at', value: String(check?.seeds ?? 50), type: 'number' },
		{
			name: 'found',
			label: 'Sound ones, or broken ones of the kept',
			value: String(check?.found ?? ''),
			type: 'number'
		},
		{
			name: 'discarded',
			label: 'Grams of it that are seed',
			value: String(check?.discarded ?? ''),
			type: 'number',
			hint: left > 0 ? `empty for all ${mass(left, 'METRIC')} thrown out` : 'not asked here'
		},
		{ name: 'lookedOn', label: 'Looked on', value: check?.lookedOn ?? session.today, type: 'date' }
	];
	const body = (typed: Record<string, string>): Schemas['SettingCheckRequest'] => ({
		lookedOn: typed.lookedOn,
		look: typed.look as Check['look'],
		seeds: countIn('seeds', typed.seeds),
		found: countIn('found', typed.found),
		discarded: typed.look === 'KEPT_BROKEN' ? undefined : maybeNumberIn('discarded', typed.discarded)
	});
	const add = (typed: Record<string, string>) =>
		ask(
			POST('/api/steps/{id}/checks', {
				params: { path: { id: step.id! } },
				body: body(typed),
				...here('a look whether the setting is right')
			})
		);
	const mend = (id: string) => (typed: Record<string, string>, made: { version: number; reason: string }) =>
		ask(PUT('/api/setting-checks/{id}', { params: { path: { id } }, body: { ...body(typed), ...made } }));
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
				version={check.version}
				entries={entries(check)}
				save={mend(check.id)}
				done={changed}
			/>{/if}
	</span>
{/each}
{#if changed && step.massOut !== undefined && looks.length > 0}
	<Amend what={STEP[step.kind].done} act="check the setting" entries={entries()} save={add} done={changed} />
{/if}
