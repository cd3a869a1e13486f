import * as Comlink from 'comlink';
import { describe, expect, it } from 'vitest';
import { WorkerFailed, WorkerLink } from './link';

const api = {
	add: (a: number, b: number) => a + b,
	never: () => new Promise<number>(() => undefined),
	broken: () => {
		throw new Error('the sum is wrong');
	}
};

/** A worker that runs here, behind a real message channel. */
class Stub extends EventTarget {
	static started = 0;
	readonly #channel = new MessageChannel();
	constructor(private readonly mute = false) {
		super();
		Stub.started += 1;
		if (!mute) Comlink.expose(api, this.#channel.port2);
		this.#channel.port1.start();
		this.#channel.port1.onmessage = (e) =>
			this.dispatchEvent(new MessageEvent('message', { data: e.data as unknown }));
	}
	postMessage(data: unknown, transfer: Transferable[] = []) {
		if (!this.mute) this.#channel.port1.postMessage(data, transfer);
	}
	terminate() {
		this.#channel.port1.close();
	}
}
const linkOf = (start: () => Stub, mostMs?: number) =>
	new WorkerLink<typeof api>(start as unknown as () => Worker, mostMs);

describe('a worker', () => {
	it('is started when it is first asked, and once', async () => {
		Stub.started = 0;
		const link = linkOf(() => new Stub());
		expect(Stub.started).toBe(0);
		expect(await link.ask((w) => w.add(1, 2))).toBe(3);
		expect(await link.ask((w) => w.add(2, 2))).toBe(4);
		expect(Stub.started).toBe(1);
		link.end();
	});

	it('that cannot be started is said so, and asked again it may start', async () => {
		let refused = true;
		const link = linkOf(() => {
			if (refused) throw new Error('refused');
			return new Stub();
		});
		await expect(link.ask((w) => w.add(1, 1))).rejects.toBeInstanceOf(WorkerFailed);
		refused = false;
		expect(await link.ask((w) => w.add(1, 1))).toBe(2);
		link.end();
	});

	it('that breaks or never answers lets nobody wait, and is started anew', async () => {
		const stubs: Stub[] = [];
		const link = linkOf(() => {
			const stub = new Stub();
			stubs.push(stub);
			return stub;
		}, 60);
		await expect(link.ask((w) => w.never())).rejects.toBeInstanceOf(WorkerFailed);
		const waiting = link.ask((w) => w.never());
		stubs.at(-1)!.dispatchEvent(new Event('error'));
		await expect(waiting).rejects.toBeInstanceOf(WorkerFailed);
		expect(await link.ask((w) => w.add(3, 4))).toBe(7);
		expect(stubs).toHaveLength(3);
		link.end();
	});

	it('whose work throws goes on, and the error is the work’s own', async () => {
		const link = linkOf(() => new Stub());
		await expect(link.ask((w) => w.broken() as Promise<never>)).rejects.toThrow('the sum is wrong');
		expect(await link.ask((w) => w.add(1, 1))).toBe(2);
		link.end();
	});
});
