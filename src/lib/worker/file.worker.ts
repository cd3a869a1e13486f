import * as Comlink from 'comlink';
import { fileWork } from './file-work';

Comlink.expose(fileWork);
