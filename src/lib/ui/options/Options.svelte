<script lang="ts">
	import type { Control } from '$lib/core/recipe/controls';
	import type { EditorProps } from './editor';
	import { EDITORS } from './editors';

	/** What a recipe asks for in tables beside the picture, whatever recipe it is. */
	interface Props extends Omit<EditorProps, 'control'> {
		controls: readonly Control[];
		class?: string;
	}
	let { controls, class: extra = '', ...rest }: Props = $props();
	const shown = $derived(
		controls.filter((c) => c.kind === 'editor').filter((c) => c.group === 'table')
	);
</script>

{#if shown.length > 0}
	<div class={['no-print flex flex-wrap items-end gap-x-5 gap-y-2', extra]}>
		{#each shown as control (control.key)}
			{@const Editor = EDITORS[control.editor]}
			{#if Editor}<Editor {control} {...rest} />{/if}
		{/each}
	</div>
{/if}
