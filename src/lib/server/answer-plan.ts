import { plan } from '$lib/core/plan';
import { loadRecipes } from '$lib/core/recipe';
import { problemBody } from '$lib/file/http';
import { openProject } from '$lib/file/project-file';

/** A response as plain data: it comes from another thread. */
export interface Answer {
	readonly status: number;
	readonly type: 'application/json' | 'application/problem+json';
	readonly body: string;
}

const refused = (
	status: number,
	code: string,
	detail: string,
	extra: Record<string, string> = {}
): Answer => ({
	status,
	type: 'application/problem+json',
	body: problemBody(status, code, detail, extra)
});

/** The plan of a project file given as text, or why there is none. Pure. */
export async function answerPlan(text: string): Promise<Answer> {
	let parsed: unknown;
	try {
		parsed = JSON.parse(text);
	} catch {
		return refused(400, 'not-json', 'The body is not JSON text.');
	}
	await loadRecipes();
	const opened = openProject(parsed);
	if (!opened.ok) {
		const { code, path, expected } = opened.refusal;
		return refused(422, code, `At ${path || 'the top'}: expected ${expected}.`, {
			path,
			expected
		});
	}
	const made = plan(opened.value.project, opened.value.bench);
	return { status: 200, type: 'application/json', body: JSON.stringify(made) };
}
