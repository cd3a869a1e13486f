import { plan } from '$lib/core/plan';
import { openProject } from '$lib/file/project-file';
import { MAX_BODY_BYTES, problem, readLimited } from '$lib/file/http';
import type { RequestHandler } from './$types';

/** A project file in, its plan out. Stateless; nothing is kept. */
export const POST: RequestHandler = async ({ request }) => {
	const type = request.headers.get('content-type') ?? '';
	if (!type.startsWith('application/json'))
		return problem(415, 'unsupported-type', 'Send the project file as application/json.');
	const body = await readLimited(request);
	if (body === null)
		return problem(413, 'too-large', `The body is larger than ${MAX_BODY_BYTES} bytes.`);
	let parsed: unknown;
	try {
		parsed = JSON.parse(body);
	} catch {
		return problem(400, 'not-json', 'The body is not JSON text.');
	}
	const opened = openProject(parsed);
	if (!opened.ok) {
		const { code, path, expected } = opened.refusal;
		return problem(422, code, `At ${path || 'the top'}: expected ${expected}.`, { path, expected });
	}
	return Response.json(plan(opened.value.project, opened.value.bench));
};
