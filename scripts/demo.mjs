import { build } from './build.mjs';

await build();
const { serve } = await import('./serve.mjs');
const { demoNotebook } = await import('./demo-notebook.mjs');
const child = await serve({ port: Number(process.env.PORT ?? 4173), demoNotebook: await demoNotebook() });
child.on('exit', (code) => process.exit(code ?? 0));
