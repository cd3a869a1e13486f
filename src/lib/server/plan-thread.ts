import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads';
import { problemBody } from '$lib/file/http';
import { answerPlan, type Answer } from './answer-plan';

/** A request that takes longer than this is given up, ms; a plan within the limits takes a fraction of it. */
const MOST_MS = 5000;
/** More requests than this waiting are sent away. */
const MOST_WAITING = 32;
const NAME = 'tomble-plan';

interface Ask {
	readonly text: string;
	readonly settle: (answer: Answer) => void;
}

const problem = (status: number, code: string, detail: string): Answer => ({
	status,
	type: 'application/problem+json',
	body: problemBody(status, code, detail)
});

// The same built file is loaded by the thread: there it only answers.
if (!isMainThread && (workerData as unknown) === NAME)
	parentPort?.on('message', (text: string) => {
		void answerPlan(text).then((answer) => parentPort?.postMessage(answer));
	});

/** Plans off the main thread, one at a time and with a time limit, so that the server answers meanwhile. */
class PlanThread {
	#worker: Worker | null = null;
	#waiting: readonly Ask[] = [];
	#busy = false;

	ask(text: string): Promise<Answer> {
		if (this.#waiting.length >= MOST_WAITING)
			return Promise.resolve(
				problem(503, 'busy', 'Too many plans are being worked out: ask again in a while.')
			);
		return new Promise((settle) => {
			this.#waiting = [...this.#waiting, { text, settle }];
			this.#next();
		});
	}

	#next(): void {
		const [ask, ...rest] = this.#waiting;
		if (this.#busy || !ask) return;
		this.#waiting = rest;
		this.#busy = true;
		const worker = (this.#worker ??= this.#start());
		const done = (answer: Answer) => {
			clearTimeout(timer);
			worker.off('message', done).off('error', broken);
			this.#busy = false;
			ask.settle(answer);
			this.#next();
		};
		const fail = (answer: Answer) => {
			void worker.terminate();
			this.#worker = null;
			done(answer);
		};
		const timer = setTimeout(
			() =>
				fail(
					problem(503, 'too-slow', `The plan took longer than ${MOST_MS / 1000} s to work out.`)
				),
			MOST_MS
		);
		const broken = () => fail(problem(500, 'failed', 'The plan could not be worked out.'));
		worker.on('message', done).on('error', broken);
		worker.postMessage(ask.text);
	}

	#start(): Worker {
		const worker = new Worker(new URL(import.meta.url), { workerData: NAME });
		// It never keeps the server alive by itself.
		worker.unref();
		return worker;
	}
}

const thread = new PlanThread();

/** The plan of a project file; in development, where sources are not built, on this thread. */
export const planText = (text: string): Promise<Answer> =>
	import.meta.url.endsWith('.ts') ? answerPlan(text) : thread.ask(text);
