import { entryAt } from '../quantity/sure';
import type { GaugeBook } from '../bench/gauge/book';
import { gaugeFor, type Gauge } from '../bench/gauge/gauge';
import { coverFactor, fabricFor, type Fabric } from '../bench/gauge/fabric';
import { effectiveTex } from '../bench/yarn/tex';
import { gramsOnHand } from '../bench/yarn/parts';
import { toFinding } from '../finding/to-finding';
import type { Finding } from '../finding/finding';
import { feedFor, type Feed } from '../bench/machine/slot';
import type { FabricUse, Machine, MachineId, Swatch, Yarn, YarnId } from '../model/bench';
import type { Bench, Project } from '../model/project';
import type { DesignContext, OnMachine } from '../recipe/recipe';

/** A machine and the gauges of the project's yarns on it. */
export interface Place {
	readonly machine: Machine;
	readonly gauges: readonly Gauge[];
	/** The slot and the hand of each. */
	readonly feeds: readonly Feed[];
	/** How the fabric of each suits its use. */
	readonly fabrics: readonly Fabric[];
}

/** What of the bench a project uses: its machines, its yarns in order, and their gauges. */
export interface Used extends Place {
	readonly yarns: readonly Yarn[];
	/** Where a piece is made; null is the project's own machine. */
	readonly at: (machine: MachineId | null) => Place;
	readonly context: DesignContext;
}

interface Names {
	readonly yarns: readonly YarnId[];
	readonly machines: readonly MachineId[];
	/** What the fabric is for. */
	readonly use: FabricUse;
}

/** Cover of a swatch, by the gauge of its yarn on its machine; null where either is gone. */
const coverOfSwatch =
	({ machines, yarns }: Bench, book: GaugeBook) =>
	(s: Swatch): number | null => {
		const machine = machines.find((m) => m.id === s.machineId);
		const yarn = yarns.find((y) => y.id === s.yarnId);
		if (!machine || !yarn) return null;
		const swatched = { ...yarn, strands: s.strands };
		const { loopCm } = gaugeFor({ machine, yarn: swatched, book, useFresh: false });
		return coverFactor(loopCm, effectiveTex(swatched)).mean;
	};

interface Placed {
	readonly project: Pick<Project, 'useFresh'>;
	readonly bench: Bench;
	readonly book: GaugeBook;
	readonly yarns: readonly Yarn[];
	readonly use: Names['use'];
}
/** Gauges, feeds and fabrics of the yarns on a machine. */
function placeOn({ project: { useFresh }, bench, book, yarns, use }: Placed) {
	const { swatches } = bench;
	const coverOf = coverOfSwatch(bench, book);
	return (machine: Machine): Place => {
		const feeds = yarns.map((yarn) => feedFor(machine, yarn, bench));
		const gauges = yarns.map((yarn, i) =>
			gaugeFor({ machine, yarn, book, useFresh, fed: entryAt(feeds, i) })
		);
		const on = { machineId: machine.id, use, swatches, coverOf };
		return {
			machine,
			gauges,
			feeds,
			fabrics: yarns.map((yarn, i) => fabricFor({ ...on, yarn, loopCm: entryAt(gauges, i).loopCm }))
		};
	};
}

/** What a project uses, or what of it is gone from the bench. */
export function usedOf(
	project: Project,
	bench: Bench,
	names: Names,
	book: GaugeBook
): Used | { readonly gone: readonly Finding[] } {
	const machineOf = (id: MachineId) => bench.machines.find((m) => m.id === id);
	const yarnOf = (id: YarnId) => bench.yarns.find((y) => y.id === id);
	const main = machineOf(project.machineId);
	const others = names.machines.flatMap((id) => machineOf(id) ?? []);
	if (!main || others.length < names.machines.length) {
		const body = { code: 'machine-missing' } as const;
		return { gone: [toFinding({ body, severity: 'stop', where: { at: 'bench' } }, [])] };
	}
	const yarns = names.yarns.flatMap((id) => {
		const yarn = yarnOf(id);
		return yarn ? [{ ...yarn, gramsOnHand: gramsOnHand(yarn, yarnOf) }] : [];
	});
	if (yarns.length < names.yarns.length)
		return {
			gone: names.yarns
				.filter((id) => !yarnOf(id))
				.map((yarnId) => {
					const body = { code: 'yarn-missing', yarnId } as const;
					return toFinding({ body, severity: 'stop', where: { at: 'bench' } }, []);
				})
		};
	const place = placeOn({ project, bench, book, yarns, use: names.use });
	const here = place(main);
	const there = new Map(others.filter((m) => m !== main).map((m) => [m.id, place(m)]));
	const at = (id: MachineId | null): Place => (id && there.get(id)) || here;
	const index = (id: YarnId): number => {
		const i = names.yarns.indexOf(id);
		if (i < 0) throw new RangeError(`a yarn that the project does not name: ${id}`);
		return i;
	};
	const on = (id: MachineId | null): OnMachine => {
		const { machine, gauges } = at(id);
		return { machine, gauge: (yarn) => entryAt(gauges, index(yarn)) };
	};
	return {
		...here,
		yarns,
		at,
		context: { ...on(null), yarn: (id) => entryAt(yarns, index(id)), on }
	};
}
