import { PulseCounter, type Counted } from '$lib/core/crank/pulses';
import type { RowSource as By } from '$lib/core/model/kinds';
import type { SoundInput } from '$lib/device/sound-input';
import { StreamRowSensor } from '$lib/device/stream-row-sensor';
import { startListener } from '$lib/worker/listener';

export type SourceKind = 'sensor' | 'microphone' | 'simulated-clicks';

/** What the crank view does with what the sensor says. */
export interface SourceEvents {
	readonly rows: (rows: number, by: By) => void;
	readonly ask: (question: Extract<Counted, { kind: 'ask' }>) => void;
	readonly settled: () => void;
}

/** Address and magnets of a sensor for the run at hand. */
export interface SensorSetup {
	readonly url: string;
	readonly perTurn: number;
	/** Pulses that the next row of a panel passes; null for a tube. */
	readonly perPass: number | null;
}

const TICK_MS = 250;

/** The one thing, if any, that counts rows for the maker: a sensor at the ring, or an ear for the counter's click. */
export class RowSource {
	kind = $state<SourceKind | null>(null);
	state = $state<'off' | 'starting' | 'on' | 'unplugged' | 'ended' | 'failed'>('off');
	/** Why it failed, in plain words. */
	why = $state('');
	/** What the stand-in has really turned. */
	truth = $state<number | null>(null);
	/** When it last heard something, to see that it lives. */
	heardAt = $state<number | null>(null);
	#counter: PulseCounter | null = null;
	#stop: (() => void) | null = null;
	/** The sensor's clock at this time of ours. */
	#offset = 0;

	constructor(private readonly events: SourceEvents) {}

	#take(heard: readonly Counted[], by: By): void {
		for (const h of heard) {
			if (h.kind === 'rows') this.events.rows(h.rows, by);
			else if (h.kind === 'ask') this.events.ask(h);
			else if (h.kind === 'settled') this.events.settled();
			else this.state = 'unplugged';
		}
	}

	#begin(kind: SourceKind, counter: PulseCounter, by: By): void {
		this.kind = kind;
		this.#counter = counter;
		this.#offset = performance.now();
		const timer = setInterval(
			() => this.#take(counter.tick(performance.now() - this.#offset), by),
			TICK_MS
		);
		this.#stop = () => clearInterval(timer);
	}

	#also(stop: () => void): void {
		const before = this.#stop;
		this.#stop = () => {
			before?.();
			stop();
		};
	}

	startSensor(setup: SensorSetup): void {
		this.stop();
		this.state = 'starting';
		this.truth = 0;
		const counter = new PulseCounter(setup);
		this.#begin('sensor', counter, 'sensor');
		const sensor = new StreamRowSensor(setup.url, setup.perTurn, () => performance.now(), {
			onstart: (at) => {
				this.#offset = at;
				if (this.state === 'starting') this.state = 'on';
			},
			ontruth: (rows) => (this.truth = rows),
			onend: () => {
				if (this.state !== 'failed') this.state = 'ended';
			}
		});
		this.#also(
			sensor.listen((signal) => {
				this.heardAt = Date.now();
				if (signal.kind === 'plugged') this.state = 'on';
				this.#take(counter.take(signal), 'sensor');
			})
		);
	}

	async startListening(kind: 'microphone' | 'simulated-clicks', input: SoundInput): Promise<void> {
		this.stop();
		this.state = 'starting';
		this.why = '';
		const counter = new PulseCounter({ perTurn: 1, perPass: null });
		this.#begin(kind, counter, 'sound');
		const finder = startListener();
		this.#also(() => finder.end());
		let first: number | null = null;
		try {
			const stop = await input.listen((samples, rate) => {
				first ??= performance.now();
				void finder.hear(samples, rate).then((clicks) => {
					if (clicks.length > 0) this.heardAt = Date.now();
					for (const at of clicks)
						this.#take(
							counter.take({
								kind: 'pulse',
								at: at * 1000 + (first! - this.#offset),
								mark: true,
								back: false
							}),
							'sound'
						);
				});
			});
			this.#also(stop);
			this.state = 'on';
		} catch (e) {
			this.stop();
			this.kind = kind;
			this.state = 'failed';
			this.why = e instanceof Error ? e.message : String(e);
		}
	}

	stop(): void {
		this.#stop?.();
		this.#stop = null;
		this.#counter = null;
		this.kind = null;
		this.state = 'off';
		this.truth = null;
	}

	/** The next row of a panel passes so many pulses. */
	setPass(perPass: number | null): void {
		this.#counter?.setPass(perPass);
	}

	/** The maker has said what the count is. */
	answered(): void {
		this.#counter?.answered();
	}
}
