import { entryAt, last } from '$lib/core/quantity/sure';
import * as z from 'zod';
import { crankSensor, NO_TROUBLE, USUAL_TROUBLE } from '$lib/device/simulated-row-sensor';
import { problem } from '$lib/file/http';
import type { RequestHandler } from './$types';

const BAD_TROUBLE = { ...USUAL_TROUBLE, missed: 0.04, doubled: 0.04, unplug: 0.02 };
const TROUBLES = { none: NO_TROUBLE, usual: USUAL_TROUBLE, bad: BAD_TROUBLE } as const;

const whole = (min: number, max: number) => z.coerce.number().int().min(min).max(max);
const MOST_ROWS = 2000;
const query = z.object({
	pins: whole(4, 200),
	perTurn: whole(1, 24).default(8),
	rows: whole(1, MOST_ROWS).default(40),
	turnsPerMinute: z.coerce.number().min(5).max(240).default(45),
	trouble: z.enum(['none', 'usual', 'bad']).default('usual'),
	seed: whole(1, 2_000_000_000).optional(),
	/** Rows of a panel by their edges, pins from 0: `12x2-45,4x3-44`. Left out for a tube. */
	edges: z
		.string()
		.max(8000)
		.regex(/^\d{1,4}x\d{1,3}-\d{1,3}(,\d{1,4}x\d{1,3}-\d{1,3})*$/)
		.optional()
});

interface Edges {
	readonly low: number;
	readonly high: number;
}
function rowsOf(edges: string): Edges[] {
	const rows: Edges[] = [];
	for (const run of edges.split(',')) {
		const [count, range] = run.split('x') as [string, string];
		const [low, high] = range.split('-').map(Number) as [number, number];
		for (let i = 0; i < Number(count) && rows.length < MOST_ROWS; i++) rows.push({ low, high });
	}
	return rows;
}

/** Chance for one stream, from a seed where one is asked for. */
function chance(seed: number | undefined): () => number {
	if (seed === undefined) return Math.random;
	let state = seed;
	return () => {
		state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
		return state / 2_147_483_648;
	};
}

/** A simulated row sensor at a simulated crank, in real time, as an event stream. It ends with the rows asked for. */
export const GET: RequestHandler = ({ url }) => {
	const read = query.safeParse(Object.fromEntries(url.searchParams));
	if (!read.success) {
		const issue = entryAt(read.error.issues, 0);
		const path = issue.path.join('.');
		return problem(400, 'bad-query', `At ${path}: ${issue.message}.`, {
			path,
			expected: issue.message
		});
	}
	const { edges, trouble, seed, ...asked } = read.data;
	const panel = edges ? rowsOf(edges) : null;
	const steps = crankSensor({
		...asked,
		rows: panel ? Math.min(asked.rows, panel.length) : asked.rows,
		troubles: TROUBLES[trouble],
		random: chance(seed),
		panel: panel ? (row) => panel[row] ?? last(panel) : undefined
	});
	let timer: ReturnType<typeof setTimeout> | undefined;
	const startedAt = performance.now();
	const body = new ReadableStream<string>({
		start(controller) {
			const next = () => {
				const { value, done } = steps.next();
				if (done) {
					controller.enqueue('event: end\ndata: 0\n\n');
					controller.close();
					return;
				}
				const at = value.kind === 'truth' ? value.at : value.signal.at;
				timer = setTimeout(
					() => {
						controller.enqueue(
							value.kind === 'truth'
								? `event: truth\ndata: ${value.rows}\n\n`
								: `data: ${JSON.stringify(value.signal)}\n\n`
						);
						next();
					},
					Math.max(0, startedAt + at - performance.now())
				);
			};
			controller.enqueue(': a stand-in\n\n');
			next();
		},
		cancel: () => clearTimeout(timer)
	});
	return new Response(body.pipeThrough(new TextEncoderStream()), {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' }
	});
};
