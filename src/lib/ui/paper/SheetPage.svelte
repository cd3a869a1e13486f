<script lang="ts">
	import type { Sheet } from '$lib/core/sheet/sheet';
	import { pinNumber } from '$lib/core/model/pin-number';
	import { pinPlace } from '../pictures/ring-geometry';

	let { sheet }: { sheet: Sheet } = $props();
	const R = 60;
</script>

<!-- On screen it is not there: it is what comes out of the printer. -->
<article class="sheet-page">
	<h2 class="text-2xl">{sheet.title}</h2>
	<p class="quiet">{sheet.kind}</p>
	<div class="flex flex-wrap gap-6">
		<dl class="flex-1">
			{#each sheet.figures as f (f.label)}
				<div class="flex gap-2">
					<dt class="quiet">{f.label}</dt>
					<dd class="font-semibold">{f.value}</dd>
				</div>
			{/each}
		</dl>
		{#each sheet.rings as ring (ring.name)}
			<svg width="150" height="158" viewBox="-75 -75 150 158" aria-hidden="true">
				{#each Array.from({ length: ring.pins }, (_, i) => i + 1) as pin (pin)}
					{@const [x, y] = pinPlace(pin, ring.pins, R, ring.turns)}
					<circle
						cx={x}
						cy={y}
						r={pin === ring.marker ? 4 : 2.4}
						fill={pin === ring.marker
							? '#000'
							: pin >= ring.low && pin <= ring.high
								? '#aaa'
								: '#fff'}
						stroke="#000"
						stroke-width="0.7"
					/>
					{#if ring.off.includes(pin) && pin !== ring.marker}<path
							d={`M${x - 3} ${y - 3}l6 6m0-6l-6 6`}
							stroke="#000"
							stroke-width="0.8"
						/>{/if}
					{#if pin === 1 || pinNumber(ring, pin - 1) % 10 === 0}
						{@const [tx, ty] = pinPlace(pin, ring.pins, R - 12, ring.turns)}
						<text x={tx} y={ty + 3} font-size="8" text-anchor="middle"
							>{pinNumber(ring, pin - 1)}</text
						>
					{/if}
				{/each}
				<text x="0" y="3" font-size="9" text-anchor="middle" font-weight="bold">{ring.name}</text>
				<text x="0" y="80" font-size="8" text-anchor="middle">feeder</text>
			</svg>
		{/each}
	</div>
	{#each sheet.findings as f (f)}<p class="font-semibold">! {f}</p>{/each}
	<h3>Yarn</h3>
	<table>
		<tbody>
			{#each sheet.yarns as y (y.name)}
				<tr
					><td><span class="swatch" style:background={y.colour}></span>{y.name}</td><td
						>{y.metres}</td
					><td><b>{y.grams}</b></td><td>{y.onHand}</td></tr
				>
				{#if y.fed}<tr><td colspan="4" class="fed">{y.fed}</td></tr>{/if}
			{/each}
		</tbody>
	</table>
	{#each sheet.pieces as p, i (i)}
		<section>
			<h3>{i + 1}. {p.name}</h3>
			<p>
				{p.stitches} stitches on {p.machine}, {p.rows} rows{p.waste.before > 0
					? `, after ${p.waste.before} of waste`
					: ''}{p.waste.after > 0 ? `, then ${p.waste.after} of waste` : ''}.
			</p>
			{#if p.copies > 1}<p>
					<b>{p.copies} of these:</b>
					{#each Array.from({ length: p.copies }, (_, k) => k) as k (k)}<span class="tick"
						></span>{/each}
				</p>{/if}
			<table>
				<thead
					><tr><th>Section</th><th>Rows</th><th>Counter zeroed</th><th>Left running</th></tr></thead
				>
				<tbody>
					{#each p.sections as s, k (k)}
						<tr
							><td
								><span class="tick"></span><span class="swatch" style:background={s.colour}
								></span>{s.name}</td
							><td><b>{s.rows}</b></td><td>{s.zeroed}</td><td>{s.running}</td></tr
						>
					{/each}
				</tbody>
			</table>
			{#each p.work as w (w.title)}<p>{w.title} after row {w.rows.join(', ')}.</p>{/each}
			{#if p.tails.length > 0}<p class="quiet">Tails: {p.tails.join('; ')}.</p>{/if}
		</section>
	{/each}
	<h3>After the machine</h3>
	{#if sheet.tools}<p>At hand: {sheet.tools}</p>{/if}
	{#each sheet.steps as s, i (i)}
		<div class="step">
			<p><span class="tick"></span><b>{i + 1} {s.title}</b></p>
			<p class="indent">{s.how}</p>
			{#if s.caution}<p class="indent quiet">Take care: {s.caution}</p>{/if}
		</div>
	{/each}
	<div class="true-size">
		<h3>In true size</h3>
		<p class="quiet">Lay a ruler on both bars: print at 100 %, without fitting to the page.</p>
		<svg class="true" width="12cm" height="1.6cm" viewBox="0 0 12 1.6" aria-hidden="true">
			<rect x="0" y="0.1" width="5" height="0.25" fill="rgb(0,96,160)" />
			<text x="5.2" y="0.4" font-size="0.4">50 mm</text>
			<rect
				x="0.02"
				y="0.9"
				width="5.08"
				height="0.25"
				fill="none"
				stroke="#000"
				stroke-width="0.03"
			/>
			<text x="5.3" y="1.2" font-size="0.4">2 in</text>
		</svg>
		{#each sheet.templates as t, i (i)}
			<figure>
				<svg
					class="true"
					width={`${t.widthCm + 0.2}cm`}
					height={`${t.heightCm + 0.2}cm`}
					viewBox={`0 0 ${t.widthCm + 0.2} ${t.heightCm + 0.2}`}
					fill="none"
					stroke="#000"
					stroke-width="0.035"
					aria-hidden="true"
				>
					<rect x="0.1" y="0.1" width={t.widthCm} height={t.heightCm} />
					{#if t.kind === 'tag'}<circle cx={0.1 + t.widthCm / 2} cy="0.7" r="0.2" />
					{:else if t.kind === 'pom-pom'}<path
							d={`M${0.1 + t.widthCm / 2} ${0.1 + t.heightCm / 2 - Math.min(1.2, t.heightCm / 3)}v${2 * Math.min(1.2, t.heightCm / 3)}`}
						/>
					{:else}<path
							d={`M0.1 ${t.heightCm - 1.1}h${t.widthCm}`}
							stroke-dasharray="0.2 0.12"
						/>{/if}
				</svg>
				<figcaption><b>{t.title}</b>: {t.note}</figcaption>
			</figure>
		{/each}
	</div>
</article>

<style>
	.sheet-page {
		display: none;
	}
	@media print {
		:global(html[data-sheet='plan'] main > :not(.sheet-page)) {
			display: none !important;
		}
		:global(html[data-sheet='plan']) .sheet-page {
			display: block;
		}
		h3 {
			margin-top: 3mm;
			border-top: 0.3mm solid;
			font-size: 1.1rem;
			break-after: avoid;
		}
		table {
			width: 100%;
		}
		th {
			text-align: right;
			font-weight: normal;
		}
		td:not(:first-child) {
			text-align: right;
		}
		th:first-child {
			text-align: left;
		}
		.tick,
		.swatch {
			display: inline-block;
			width: 3.2mm;
			height: 3.2mm;
			margin-right: 1.6mm;
			border: 0.3mm solid;
			vertical-align: -0.4mm;
			print-color-adjust: exact;
		}
		.step {
			break-inside: avoid;
			margin-top: 1.5mm;
		}
		.indent {
			margin-left: 5mm;
		}
		.true-size {
			break-before: page;
		}
		.true {
			max-width: none;
			height: revert-layer;
			print-color-adjust: exact;
		}
		figure {
			display: inline-block;
			margin: 4mm 6mm 0 0;
			break-inside: avoid;
		}
	}
</style>
