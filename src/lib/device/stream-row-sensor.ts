import * as z from 'zod';
import type { SensorSignal } from '../core/crank/pulses';
import type { RowSensor } from './row-sensor';

const signal = z.discriminatedUnion('kind', [
	z.object({
		kind: z.literal('pulse'),
		at: z.number().min(0),
		mark: z.boolean(),
		back: z.boolean()
	}),
	z.object({ kind: z.literal('unplugged'), at: z.number().min(0) }),
	z.object({ kind: z.literal('plugged'), at: z.number().min(0) })
]);

export interface StreamWords {
	/** The sensor's own clock began at this time of `now`. */
	readonly onstart?: (startedAt: number) => void;
	/** What the stand-in has really turned, for whoever wants to compare. */
	readonly ontruth?: (rows: number) => void;
	readonly onend?: () => void;
}

/**
 * A sensor behind a server route that speaks in server-sent events. Its times are its own; what does not read as a signal is
 * dropped. A stream that breaks off is a cable that came off.
 */
export class StreamRowSensor implements RowSensor {
	readonly name = 'Stand-in row sensor';

	constructor(
		private readonly url: string,
		readonly perTurn: number,
		private readonly now: () => number,
		private readonly words: StreamWords = {}
	) {}

	listen(listen: (signal: SensorSignal) => void): () => void {
		const source = new EventSource(this.url);
		let startedAt: number | null = null;
		source.onopen = () => {
			startedAt ??= this.now();
			this.words.onstart?.(startedAt);
		};
		source.onmessage = (e: MessageEvent<string>) => {
			const read = signal.safeParse(safeJson(e.data));
			if (read.success) listen(read.data);
		};
		source.addEventListener('truth', (e) => {
			const rows = z
				.int()
				.min(0)
				.safeParse(safeJson((e as MessageEvent<string>).data));
			if (rows.success) this.words.ontruth?.(rows.data);
		});
		source.addEventListener('end', () => {
			source.close();
			this.words.onend?.();
		});
		source.onerror = () => {
			source.close();
			listen({ kind: 'unplugged', at: this.now() - (startedAt ?? this.now()) });
			this.words.onend?.();
		};
		return () => source.close();
	}
}

function safeJson(text: string): unknown {
	try {
		return JSON.parse(text.slice(0, 400));
	} catch {
		return null;
	}
}
