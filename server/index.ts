import type { Server } from 'node:http';
import { createApp } from './app';

const env = process.env as Readonly<Record<string, string | undefined>>;
const port = Number(env['PORT'] ?? 4173);
const root = env['ULKAV_DIST'] ?? 'dist';
const demoNotebook = env['ULKAV_DEMO_NOTEBOOK'] ?? null;

/** Finishes what is under way, then ends; a second signal, or three seconds, end it at once. */
function closeOn(server: Server): void {
  let isClosing = false;
  const close = () => {
    if (isClosing) process.exit(1);
    isClosing = true;
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 3000).unref();
  };
  process.on('SIGTERM', close);
  process.on('SIGINT', close);
}

const server = createApp({ root, demoNotebook }).listen(port, (error?: Error & { code?: string }) => {
  if (error === undefined) {
    console.log(`Ulkav is served at http://localhost:${port}`);
    return;
  }
  const isBusy = error.code === 'EADDRINUSE';
  console.error(
    isBusy
      ? `Port ${port} is in use. Choose another one, for example: PORT=${port + 1} npm run demo`
      : `The server could not start: ${error.message}`,
  );
  process.exit(1);
});
closeOn(server);
