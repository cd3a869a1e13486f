import * as Comlink from 'comlink';

/** Longer than anything within the planner's limits takes, on a slow device too, ms. */
const MOST_MS = 25_000;

/** Why a worker did not answer: it did not start, it broke, it took too long, or it was ended from here. */
export type WorkerEnd = 'unstarted' | 'broke' | 'slow' | 'ended';
const ENDS: Record<WorkerEnd, string> = {
	unstarted: 'it could not be started',
	broke: 'it broke',
	slow: 'it did not answer',
	ended: 'it was ended'
};

/** A worker could not be started, broke, or did not answer: what was asked can be asked again. */
export class WorkerFailed extends Error {
	override readonly name = 'WorkerFailed';
	constructor(readonly end: WorkerEnd) {
		super(ENDS[end]);
	}
}

/** A worker that is started when it is first asked, and started anew after it has failed. */
export class WorkerLink<T> {
	#open: { readonly worker: Worker; readonly api: Comlink.Remote<T> } | null = null;
	#answered = false;
	readonly #waiting = new Set<(e: WorkerFailed) => void>();

	constructor(
		private readonly start: () => Worker,
		private readonly mostMs = MOST_MS
	) {}

	/** Rejects with `WorkerFailed` where the worker is to blame, with the error itself where the work is. */
	ask<R>(call: (api: Comlink.Remote<T>) => Promise<R>): Promise<R> {
		return new Promise<R>((resolve, reject) => {
			const settle = () => {
				clearTimeout(timer);
				this.#waiting.delete(fail);
			};
			const fail = (e: WorkerFailed) => {
				settle();
				reject(e);
			};
			this.#waiting.add(fail);
			const timer = setTimeout(() => this.end('slow'), this.mostMs);
			try {
				call(this.#api()).then(
					(value) => {
						this.#answered = true;
						settle();
						resolve(value);
					},
					(e: unknown) => {
						this.#answered = true;
						settle();
						reject(e instanceof Error ? e : new Error(String(e)));
					}
				);
			} catch {
				this.end('unstarted');
			}
		});
	}

	/** Ends the worker; all that wait for it are told. */
	end(why: WorkerEnd = 'ended'): void {
		this.#open?.worker.terminate();
		this.#open = null;
		for (const fail of [...this.#waiting]) fail(new WorkerFailed(why));
	}

	#api(): Comlink.Remote<T> {
		if (!this.#open) {
			const worker = this.start();
			this.#answered = false;
			const broke = () => this.end(this.#answered ? 'broke' : 'unstarted');
			worker.addEventListener('error', broke);
			worker.addEventListener('messageerror', broke);
			this.#open = { worker, api: Comlink.wrap<T>(worker) };
		}
		return this.#open.api;
	}
}
