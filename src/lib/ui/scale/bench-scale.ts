import { SimulatedScale } from '$lib/device/simulated-scale';

/** The scale on the bench. Until a real one is connected it is the stand-in, with this browser's time and chance. */
export const benchScale = new SimulatedScale({
	random: Math.random,
	now: () => performance.now(),
	every: (ms, tick) => {
		const timer = setInterval(tick, ms);
		return () => clearInterval(timer);
	}
});
