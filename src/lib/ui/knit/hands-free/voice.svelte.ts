/** Only where something is being said: asked for nothing, some browsers wake a speaker that is slow to come, and stand still. */
function hush(): void {
	if (speechSynthesis.speaking || speechSynthesis.pending) speechSynthesis.cancel();
}

/**
 * The browser's own voices, and of those only the ones that live on this device: a voice that sends its text elsewhere to be
 * spoken is never used. Where there is none, nothing is said.
 */
export class Voice {
	/** The local voice that would speak; null where there is none. */
	local = $state.raw<SpeechSynthesisVoice | null>(null);

	/** Voices come late in some browsers; looks again when they do, until the function returned is called. */
	find(): () => void {
		if (typeof speechSynthesis === 'undefined') return () => undefined;
		const look = () => {
			const local = speechSynthesis.getVoices().filter((v) => v.localService);
			this.local =
				local.find((v) => v.lang.startsWith('en') && v.default) ??
				local.find((v) => v.lang.startsWith('en')) ??
				null;
		};
		look();
		speechSynthesis.addEventListener('voiceschanged', look);
		return () => {
			speechSynthesis.removeEventListener('voiceschanged', look);
			hush();
		};
	}

	/** Says it now, in place of what is still being said. */
	say(text: string): void {
		if (!this.local) return;
		hush();
		const words = new SpeechSynthesisUtterance(text);
		words.voice = this.local;
		words.lang = this.local.lang;
		speechSynthesis.speak(words);
	}
}
