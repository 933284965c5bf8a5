import { createServer } from 'node:http';
import type { Server } from 'node:http';
import { createApp } from './app';

const env = process.env as Readonly<Record<string, string | undefined>>;
const port = Number(env['PORT'] ?? 4173);
/** This device alone, unless another address is given (0.0.0.0 for a whole network). */
const host = env['HOST'] ?? '127.0.0.1';
const root = env['ULKAV_DIST'] ?? 'dist';
const demoNotebook = env['ULKAV_DEMO_NOTEBOOK'] ?? null;

/** What is slower than this is no reader of a page. */
const SLOWEST_MS = 30_000;
const LAST_MS = 700;

/** Finishes what is under way, then ends; a second signal, or less than a second, end it at once. */
function closeOn(server: Server): void {
  let isClosing = false;
  const close = () => {
    if (isClosing) process.exit(1);
    isClosing = true;
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), LAST_MS).unref();
  };
  process.on('SIGTERM', close);
  process.on('SIGINT', close);
}

const server = createServer(
  { requestTimeout: SLOWEST_MS, headersTimeout: SLOWEST_MS, connectionsCheckingInterval: SLOWEST_MS / 10 },
  createApp({ root, demoNotebook }),
);
server.setTimeout(SLOWEST_MS);
server.on('error', (error: Error & { code?: string }) => {
  const isBusy = error.code === 'EADDRINUSE';
  console.error(
    isBusy
      ? `Port ${port} is in use. Choose another one, for example: PORT=${port + 1} npm run demo`
      : `The server could not start: ${error.message}`,
  );
  process.exit(1);
});
server.listen(port, host, () => {
  console.log(`Ulkav is served at http://${host === '127.0.0.1' ? 'localhost' : host}:${port}`);
});
closeOn(server);
