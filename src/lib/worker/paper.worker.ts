import * as Comlink from 'comlink';
import type { Sheet } from '../core/sheet/sheet';
import { planSheet } from '../paper/pdf';
import type { Paper } from '../paper/setter';

/** Setting pages takes longer than a frame. */
const api = {
	async planSheet(sheet: Sheet, paper: Paper): Promise<Uint8Array> {
		const bytes = await planSheet(sheet, paper);
		return Comlink.transfer(bytes, [bytes.buffer as ArrayBuffer]);
	}
};
export type PaperWorker = typeof api;
Comlink.expose(api);
