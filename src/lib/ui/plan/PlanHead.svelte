<script lang="ts">
	import type { Project } from '$lib/core/model/project';
	import { nameOf } from '$lib/core/recipe';
	import TextField from '../parts/TextField.svelte';
	import Printer from '@lucide/svelte/icons/printer';
	import IconAct from '../parts/IconAct.svelte';
	import UndoRedo from '../parts/UndoRedo.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';

	interface Props {
		project: Project;
		editor: ProjectEditor;
		/** Left out while there is nothing to print. */
		onprint?: (() => void) | undefined;
	}
	let { project, editor, onprint }: Props = $props();
</script>

<div class="mb-1 flex flex-wrap items-end gap-x-3 gap-y-2">
	<h1 class="sr-only">Plan of {project.name}</h1>
	<div class="field-title no-print w-72">
		<TextField
			label={nameOf(project.options.recipe)}
			value={project.name}
			example="Pier hat"
			onvalue={(name) => editor.change('name…', { name })}
		/>
	</div>
	<p class="figure hidden text-2xl font-semibold print:block">{project.name}</p>
	<div class="no-print ml-auto flex gap-1">
		<UndoRedo steps={editor} />
		<IconAct
			icon={Printer}
			label="Print"
			tip="Print the plan's sheet, or save it"
			disabled={!onprint}
			onclick={() => onprint?.()}
		/>
		<a class="btn btn-accent" href={`/project/${project.id}/knit`}>Knit this</a>
	</div>
</div>
