import { bundled } from './bundle.mjs';

const folders = ['batch', 'src'];
await bundled('batch/worker.ts', 'batch-worker', folders);
await import(await bundled('batch/index.ts', 'batch', folders));
