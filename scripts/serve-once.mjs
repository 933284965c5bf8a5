import { demoNotebook } from './demo-notebook.mjs';
import { serve } from './serve.mjs';

const [, , port, mode] = process.argv;
const child = await serve({
  port: Number(port),
  demoNotebook: mode === 'demo' ? await demoNotebook() : null,
  quiet: true,
});
child.on('exit', (code) => process.exit(code ?? 0));
