/** Bodies for server routes: limited in size, with problem details (RFC 9457) for what is refused. */

export const MAX_BODY_BYTES = 500_000;

export const problemBody = (
	status: number,
	code: string,
	detail: string,
	extra: Record<string, string> = {}
): string =>
	JSON.stringify({ type: `urn:tomble:problem:${code}`, title: code, status, detail, ...extra });

export const problem = (
	status: number,
	code: string,
	detail: string,
	extra: Record<string, string> = {}
): Response =>
	new Response(problemBody(status, code, detail, extra), {
		status,
		headers: { 'content-type': 'application/problem+json' }
	});

/** The body as text, or null once it exceeds the limit; what follows is not read. */
export async function readLimited(request: Request): Promise<string | null> {
	const declared = Number(request.headers.get('content-length') ?? 0);
	if (declared > MAX_BODY_BYTES) return null;
	const reader = request.body?.getReader();
	if (!reader) return '';
	const parts: Uint8Array[] = [];
	let size = 0;
	for (;;) {
		const { done, value } = await reader.read();
		if (done) break;
		size += value.byteLength;
		if (size > MAX_BODY_BYTES) {
			await reader.cancel();
			return null;
		}
		parts.push(value);
	}
	return new TextDecoder().decode(Buffer.concat(parts));
}
