import { MAX_BODY_BYTES, problem, readLimited } from '$lib/file/http';
import { planText } from '$lib/server/plan-thread';
import type { RequestHandler } from './$types';

/** A project file in, its plan out. Stateless; nothing is kept. */
export const POST: RequestHandler = async ({ request }) => {
	const type = request.headers.get('content-type') ?? '';
	if (!type.startsWith('application/json'))
		return problem(415, 'unsupported-type', 'Send the project file as application/json.');
	const text = await readLimited(request);
	if (text === null)
		return problem(413, 'too-large', `The body is larger than ${MAX_BODY_BYTES} bytes.`);
	const answer = await planText(text);
	return new Response(answer.body, {
		status: answer.status,
		headers: { 'content-type': answer.type }
	});
};
