import type { Project } from '$lib/core/model/project';
import type { Plan } from '$lib/core/plan';
import type { EditorControl } from '$lib/core/recipe/controls';
import type { ProjectEditor } from '../state/project-editor.svelte';
import type { Pointing } from '../state/pointing.svelte';

/** What every part that edits one option is given. */
export interface EditorProps {
	readonly control: EditorControl;
	readonly project: Project;
	readonly plan: Plan;
	readonly editor: ProjectEditor;
	readonly pointing: Pointing;
}
