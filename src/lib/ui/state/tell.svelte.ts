interface Action {
	readonly label: string;
	readonly onClick: () => void;
}

/** Short messages at the edge of the screen. The code that shows them is fetched with the first one. */
class Teller {
	/** True once there has been something to say. */
	wanted = $state(false);

	async say(text: string, action?: Action): Promise<void> {
		this.wanted = true;
		const { toast } = await import('svelte-sonner');
		toast(text, action ? { action } : undefined);
	}

	async warn(text: string): Promise<void> {
		this.wanted = true;
		const { toast } = await import('svelte-sonner');
		toast.error(text);
	}
}

export const teller = new Teller();
