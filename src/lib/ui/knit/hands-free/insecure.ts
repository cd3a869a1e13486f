/** What a plain-http address lacks, in one sentence. */
export const INSECURE =
	'This address is plain http, and there a browser keeps three things to itself: the screen may go dark while you crank, nothing can listen for the counter’s click, and Tomble does not open without the computer that serves it; the count itself is safe.';
