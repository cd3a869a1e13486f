import { entryAt } from '../core/quantity/sure';
import { strFromU8 } from 'fflate';
import { refuse, type Opened } from './refusal';

/** Deeper nesting than this is no file of ours, and more values than this is none that a maker could have made. */
const MOST_DEPTH = 40;
const MOST_VALUES = 900_000;

const QUOTE = 0x22;
const BACKSLASH = 0x5c;
const COMMA = 0x2c;
const OPENS = new Set([0x5b, 0x7b]);
const CLOSES = new Set([0x5d, 0x7d]);

/** Whether JSON text is too deep or holds too many values to be read; one pass over its bytes, before anything is made of it. */
function tooMuch(bytes: Uint8Array): 'deep' | 'many' | null {
	let depth = 0;
	let values = 0;
	for (let i = 0; i < bytes.length; i++) {
		const byte = entryAt(bytes, i);
		if (byte === QUOTE) {
			for (i++; i < bytes.length && bytes[i] !== QUOTE; i++) if (bytes[i] === BACKSLASH) i++;
		} else if (byte === COMMA || OPENS.has(byte)) {
			values += 1;
			if (values > MOST_VALUES) return 'many';
			if (byte !== COMMA && ++depth > MOST_DEPTH) return 'deep';
		} else if (CLOSES.has(byte)) depth -= 1;
	}
	return null;
}

/** The JSON in some bytes, with bounds on what it may be before it is made. */
export function parseJson(bytes: Uint8Array, path = ''): Opened<unknown> {
	const much = tooMuch(bytes);
	if (much === 'deep') return refuse('damaged', path, `values at most ${MOST_DEPTH} deep`);
	if (much === 'many') return refuse('too-large', path, `at most ${MOST_VALUES} values in a file`);
	try {
		return { ok: true, value: JSON.parse(strFromU8(bytes)) as unknown };
	} catch {
		return refuse('not-json', path, 'JSON text');
	}
}
