import { bundled } from './bundle.mjs';

await import(await bundled('batch/index.ts', 'batch', ['batch', 'src/core', 'src/text']));
