import { once } from 'node:events';
import { linesOf } from './lines';
import { answerLines } from './pool';

const { stdin, stdout } = process;

/** Waits while whoever reads the answers is behind. */
async function write(text: string): Promise<void> {
  if (!stdout.write(text)) await once(stdout, 'drain');
}

// Whoever reads the answers may go before all are there.
stdout.on('error', (error: NodeJS.ErrnoException) => process.exit(error.code === 'EPIPE' ? 0 : 1));

const threads = Number(process.env['ULKAV_THREADS']);
await answerLines(linesOf(stdin.setEncoding('utf8')), write, {
  worker: new URL('./batch-worker.mjs', import.meta.url).href,
  ...(threads >= 1 ? { threads } : {}),
});
