import { env } from '$env/dynamic/private';
import { harbour } from '$lib/demo/harbour';
import { writeBackup } from '$lib/file/backup-write';

/** The lantern fair's data as a backup file: unasked where the server was started with it, otherwise on request. */
export const GET = ({ url }: { url: URL }) => {
	if (env.TOMBLE_DEMO !== '1' && !url.searchParams.has('asked'))
		return new Response(null, { status: 204 });
	return new Response(Uint8Array.from(writeBackup(harbour)), {
		headers: { 'content-type': 'application/zip', 'cache-control': 'no-store' }
	});
};
