<script lang="ts">
	import type { Control } from '$lib/core/recipe/controls';
	import type { OptionGroup } from '$lib/core/recipe/option';
	import type { EditorProps } from './editor';
	import { EDITORS } from './editors';
	import Option from './Option.svelte';

	/** What a recipe asks for in one place, whatever recipe it is. */
	interface Props extends Omit<EditorProps, 'control'> {
		controls: readonly Control[];
		group: OptionGroup;
		class?: string;
	}
	let { controls, group, class: extra = '', ...rest }: Props = $props();
	const shown = $derived(controls.filter((c) => c.group === group));
</script>

{#if shown.length > 0}
	<div class={['no-print flex flex-wrap items-end gap-x-5 gap-y-2', extra]}>
		{#each shown as control (control.key)}
			{#if control.kind === 'editor'}
				{@const Editor = EDITORS[control.editor]}
				{#if Editor}<Editor {control} {...rest} />{/if}
			{:else}
				<Option {control} editor={rest.editor} />
			{/if}
		{/each}
	</div>
{/if}
