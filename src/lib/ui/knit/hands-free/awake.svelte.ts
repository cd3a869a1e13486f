/** Keeps the screen on while the crank view is looked at, where the browser can. */
export class Awake {
	state = $state<'on' | 'off' | 'cannot'>('off');
	#lock: WakeLockSentinel | null = null;

	/** Holds the screen until the returned function is called; again whenever the page comes back into view. */
	hold(): () => void {
		if (!('wakeLock' in navigator)) {
			this.state = 'cannot';
			return () => undefined;
		}
		let wanted = true;
		const isWanted = () => wanted;
		const take = async () => {
			if (!wanted || document.visibilityState !== 'visible') return;
			try {
				this.#lock = await navigator.wakeLock.request('screen');
				this.state = 'on';
				this.#lock.addEventListener('release', () => (this.state = 'off'));
				if (!isWanted()) await this.#lock.release();
			} catch {
				// A device low on power refuses; the count does not depend on it.
				this.state = 'cannot';
			}
		};
		void take();
		const seen = () => void take();
		document.addEventListener('visibilitychange', seen);
		return () => {
			wanted = false;
			document.removeEventListener('visibilitychange', seen);
			void this.#lock?.release().catch(() => undefined);
			this.#lock = null;
			this.state = 'off';
		};
	}
}
