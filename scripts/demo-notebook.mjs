import { resolve } from 'node:path';
import { bundled } from './bundle.mjs';

/** Makes the demo notebook from its lines and answers the file's path. */
export async function demoNotebook() {
  const file = resolve('.cache/demo-notebook.json');
  const { writeDemo } = await import(
    await bundled('demo/write.ts', 'demo', ['demo', 'src/core', 'src/state', 'src/workers'])
  );
  writeDemo(file);
  return file;
}
