<script lang="ts">
	import { yarnsOf } from '$lib/core/recipe/uses';
	import type { EditorProps } from './editor';
	import LineField from './LineField.svelte';

	let { control, project, editor }: EditorProps = $props();
	// Letters count with those that stand for one yarn.
	const letters = $derived(
		(project.options['yarns'] as readonly unknown[] | undefined)?.length ??
			yarnsOf(project.options).length
	);
</script>

<LineField
	label={control.label}
	line={String(control.value)}
	yarns={letters}
	draft={control.key}
	onvalue={(line) => editor.options(control.what, control.patch(line))}
/>
