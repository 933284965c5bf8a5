import { spawn } from 'node:child_process';
import { bundled } from './bundle.mjs';

/** Starts the server as a child of this process; answers the child. */
export async function serve({ port, demoNotebook, quiet = false }) {
  const entry = await bundled('server/index.ts', 'server', ['server']);
  const env = { ...process.env, PORT: String(port), ...(demoNotebook ? { ULKAV_DEMO_NOTEBOOK: demoNotebook } : {}) };
  const child = spawn(process.execPath, [entry], { stdio: ['ignore', quiet ? 'ignore' : 'inherit', 'inherit'], env });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  // A script that fails does not leave its server behind, which would hold the terminal.
  process.on('exit', () => child.kill());
  return child;
}

/** Waits until the server answers, or says that it never did. */
export async function ready(port) {
  for (let i = 0; i < 100; i += 1) {
    const isUp = await fetch(`http://localhost:${port}/healthz`).then(
      (r) => r.ok,
      () => false,
    );
    if (isUp) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`Nothing answers on port ${port}.`);
}
