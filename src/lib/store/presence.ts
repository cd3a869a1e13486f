/** Which tabs are there: asked by name over a channel that every tab of this origin hears. */
const CHANNEL = 'tomble-tabs';
/** A tab that is alive answers a message at once, even in the background; one that has not by now is gone, ms. */
const ANSWER_MS = 300;
/** Tabs that said goodbye, by name, newest last: written as a page goes, when nothing slower would finish. */
const LEFT = 'tomble-left';
const MOST_LEFT = 20;

type Message = { readonly ask: string } | { readonly here: string };

const said = (data: unknown, key: 'ask' | 'here'): string | undefined => {
	const value = (data as Partial<Record<string, unknown>> | null)?.[key];
	return typeof value === 'string' ? value : undefined;
};

const leftTabs = (): string[] => {
	try {
		return (localStorage.getItem(LEFT) ?? '').split(' ').filter((id) => id !== '');
	} catch {
		// A browser that keeps nothing: then the channel alone is asked.
		return [];
	}
};
const writeLeft = (ids: readonly string[]): void => {
	try {
		localStorage.setItem(LEFT, ids.slice(-MOST_LEFT).join(' '));
	} catch {
		// As above.
	}
};

/** Answers for one tab and asks after others. */
export class Presence {
	readonly #channel: BroadcastChannel | null;

	constructor(readonly tab: string) {
		this.#channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(CHANNEL);
		this.#channel?.addEventListener('message', (e: MessageEvent<unknown>) => {
			if (said(e.data, 'ask') === tab) this.#say({ here: tab });
		});
	}

	#say(message: Message): void {
		this.#channel?.postMessage(message);
	}

	/** Whether a tab is there no more; false where nobody can tell. */
	gone(tab: string): Promise<boolean> {
		if (tab === this.tab) return Promise.resolve(false);
		if (leftTabs().includes(tab)) return Promise.resolve(true);
		const channel = this.#channel;
		if (!channel) return Promise.resolve(false);
		return new Promise((resolve) => {
			const settle = (gone: boolean) => {
				clearTimeout(timer);
				channel.removeEventListener('message', hear);
				resolve(gone);
			};
			const hear = (e: MessageEvent<unknown>) => {
				if (said(e.data, 'here') === tab) settle(false);
			};
			const timer = setTimeout(() => settle(true), ANSWER_MS);
			channel.addEventListener('message', hear);
			this.#say({ ask: tab });
		});
	}

	/** As the page goes: whoever comes next need not ask. */
	leave(): void {
		writeLeft([...leftTabs().filter((id) => id !== this.tab), this.tab]);
	}

	/** The page came back as it was, from the browser's own memory. */
	back(): void {
		writeLeft(leftTabs().filter((id) => id !== this.tab));
	}

	close(): void {
		this.#channel?.close();
	}
}
