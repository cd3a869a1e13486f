import { entryAt } from '../core/quantity/sure';
import { Unzip, UnzipInflate } from 'fflate';
import { refuse, type Refusal } from './refusal';

/** Unpacked, of one file and of all, bytes. */
export const MAX_ENTRY = 20_000_000;
export const MAX_UNPACKED = 60_000_000;
export const MAX_ENTRIES = 5000;
/** So much of a zip is unpacked at a time: what it swells to is counted as it goes, whatever its headers say. */
const SLICE = 16_384;

/** Told how much of a file has been read, from 0 to 1. */
export type Progress = (share: number) => void;

/** Hands each JSON file of a zip on as soon as it is unpacked, and holds no more of it. Bounded by what really comes out. */
export function unpack(
	bytes: Uint8Array,
	take: (path: string, content: Uint8Array) => void,
	progress: Progress
): Refusal | null {
	let wrong = null as Refusal | null;
	const refused = () => wrong !== null;
	let total = 0;
	let entries = 0;
	let open = 0;
	const stop = (code: Refusal['code'], path: string, expected: string) =>
		(wrong ??= refuse(code, path, expected).refusal);
	const zip = new Unzip((file) => {
		if (wrong || !file.name.endsWith('.json')) return;
		if (++entries > MAX_ENTRIES) stop('too-large', '', `at most ${MAX_ENTRIES} files`);
		open += 1;
		let chunks: Uint8Array[] = [];
		let size = 0;
		file.ondata = (error, chunk, last) => {
			if (wrong) return;
			if (error) return void stop('damaged', file.name, 'a complete zip file');
			size += chunk.length;
			total += chunk.length;
			if (size > MAX_ENTRY) stop('too-large', file.name, `at most ${MAX_ENTRY} bytes unpacked`);
			if (total > MAX_UNPACKED) stop('too-large', '', `at most ${MAX_UNPACKED} bytes unpacked`);
			if (refused()) return;
			chunks.push(chunk);
			if (!last) return;
			open -= 1;
			take(file.name, joined(chunks, size));
			chunks = [];
		};
		file.start();
	});
	zip.register(UnzipInflate);
	try {
		for (let at = 0; at < bytes.length && !wrong; at += SLICE) {
			zip.push(bytes.subarray(at, at + SLICE), at + SLICE >= bytes.length);
			progress(Math.min(1, (at + SLICE) / bytes.length));
		}
	} catch {
		stop('damaged', '', 'a complete zip file');
	}
	if (open > 0) stop('damaged', '', 'a complete zip file');
	return wrong;
}

function joined(chunks: readonly Uint8Array[], size: number): Uint8Array {
	if (chunks.length === 1) return entryAt(chunks, 0);
	const all = new Uint8Array(size);
	let at = 0;
	for (const c of chunks) {
		all.set(c, at);
		at += c.length;
	}
	return all;
}
