<script lang="ts" generics="T">
	interface Props {
		label: string;
		value: T;
		choices: { value: T; label: string }[];
	}
	/** One of two or three ways, all in sight, of which one is taken. */
	let { label, value = $bindable(), choices }: Props = $props();
</script>

<div class="join" role="group" aria-label={label}>
	{#each choices as choice (choice.value)}
		<button
			type="button"
			class={['btn join-item', value === choice.value && 'btn-active']}
			aria-pressed={value === choice.value}
			onclick={() => (value = choice.value)}>{choice.label}</button
		>
	{/each}
</div>
