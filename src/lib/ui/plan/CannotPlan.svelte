<script lang="ts">
	import type { Fix } from '$lib/core/finding/fix';
	import type { Project } from '$lib/core/model/project';
	import type { NoPlan, Plan } from '$lib/core/plan';
	import { recipeFor } from '$lib/core/recipe';
	import { controlsOf } from '$lib/core/recipe/controls';
	import RingList from '../slip/RingList.svelte';
	import Slip from '../slip/Slip.svelte';
	import { Pointing } from '../state/pointing.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import Findings from './Findings.svelte';
	import MissingParts from './MissingParts.svelte';

	/** A plan that cannot be made as it is: why, and every way to set it otherwise. */
	interface Props {
		why: NoPlan;
		/** As it last could be made, while this view is open. */
		last: Plan | null;
		project: Project;
		editor: ProjectEditor;
		onfix: (fix: Fix) => void;
	}
	let { why, last, project, editor, onfix }: Props = $props();
	const workbench = useWorkbench();
	const pointing = new Pointing();
	const recipe = $derived(recipeFor(project.options));
	const nothing = () => undefined;
</script>

{#if last && recipe && why.why === 'too-much'}
	<Slip
		{project}
		plan={last}
		controls={controlsOf(recipe.options, project.options, { ...last, bench: workbench.bench })}
		{editor}
		{pointing}
	/>
{/if}
{#if why.why === 'gone'}<MissingParts {project} {editor} />{/if}
<div class="my-3 max-w-sm"><RingList {project} {editor} ondone={nothing} /></div>
<Findings findings={why.findings} plan={null} {project} {editor} {onfix} />
