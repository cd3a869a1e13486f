interface Action {
	readonly label: string;
	readonly onClick: () => void;
}

interface Plain {
	readonly text: string;
	readonly action: Action | undefined;
}

/** Short messages at the edge of the screen. The code that shows them is fetched with the first one. */
class Notices {
	/** True once there has been something to say. */
	wanted = $state(false);
	/** What could not be shown that way, since its code could not be fetched: said plainly. */
	plain = $state.raw<Plain | null>(null);

	say(text: string, action?: Action): Promise<void> {
		return this.#show(text, action, false);
	}

	warn(text: string, action?: Action): Promise<void> {
		return this.#show(text, action, true);
	}

	async #show(text: string, action: Action | undefined, warning: boolean): Promise<void> {
		this.wanted = true;
		try {
			const { toast } = await import('svelte-sonner');
			if (warning) toast.error(text, action ? { action } : undefined);
			else toast(text, action ? { action } : undefined);
		} catch {
			this.plain = { text, action };
		}
	}
}

export const notices = new Notices();

/** A part that is fetched when it is wanted did not come. */
export const UNFETCHED =
	'A part of Tomble could not be fetched: it was updated, or the network is gone. Reload when it suits you; nothing is lost.';

/** What nobody else has caught, in a sentence. */
export function wordUncaught(reason: unknown): string {
	const message = reason instanceof Error ? reason.message : String(reason);
	return /import(ed|ing)\b.*\bmodule|preload/i.test(message)
		? UNFETCHED
		: `Something did not work: ${message}. What is stored is safe.`;
}
