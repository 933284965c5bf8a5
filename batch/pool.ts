import { availableParallelism } from 'node:os';
import Piscina from 'piscina';
import { failedLine } from './answer';
import type { Packet } from './worker';

/** Lines that cross to a worker together; each crossing costs about as much as a short answer. */
const PACKET_LINES = 64;
const PACKET_SIZE = 100_000;
/** Packets under way or waiting for their turn to be written, for each worker. */
const AHEAD = 6;
/** A line that is not answered by then is late: its worker is ended and another begun. */
const LATE_MS = 2300;
const WATCH_MS = 50;
/** What a worker may hold; one that needs more is ended, and its line told to be too large. */
const WORKER_MEMORY_MB = 350;

export type PoolOptions = Readonly<{
  /** The file of `worker.ts`, bundled. */
  worker: string;
  threads?: number;
}>;

/** Answers lines in order, in worker threads; holds no more lines than are under way. `write` is waited for. */
export async function answerLines(
  lines: AsyncIterable<string>,
  write: (text: string) => Promise<void>,
  { worker, threads = availableParallelism() }: PoolOptions,
): Promise<void> {
  const pool = new Piscina<Packet, readonly string[]>({
    filename: worker,
    minThreads: threads,
    maxThreads: threads,
    concurrentTasksPerWorker: 1,
    // A worker that waits by spinning takes the processor from the others.
    atomics: 'disabled',
    resourceLimits: { maxOldGenerationSizeMb: WORKER_MEMORY_MB },
  });
  const ready: Promise<string>[] = [];
  const writeNext = async (): Promise<void> => {
    const text = await ready.shift();
    if (text !== undefined) await write(text);
  };
  let packet: string[] = [];
  let size = 0;
  const send = async (): Promise<void> => {
    if (packet.length === 0) return;
    const sent = answered(pool, packet);
    // A failure here is awaited, and told, when its turn to be written has come.
    sent.catch(() => undefined);
    ready.push(sent);
    [packet, size] = [[], 0];
    while (ready.length > threads * AHEAD) await writeNext();
  };
  for await (const line of lines) {
    if (line.trim() === '') continue;
    packet.push(line);
    size += line.length;
    if (packet.length >= PACKET_LINES || size >= PACKET_SIZE) await send();
  }
  await send();
  while (ready.length > 0) await writeNext();
  await pool.destroy();
}

/** The answers to a packet, whatever becomes of the workers that have it. */
async function answered(pool: Piscina<Packet, readonly string[]>, packet: readonly string[]): Promise<string> {
  const answers: string[] = [];
  /** Lines before one that was late were answered before; they are short, and are answered again by themselves. */
  let most = packet.length;
  while (answers.length < packet.length) {
    const left = packet.slice(answers.length, answers.length + most);
    const made = await tried(pool, left);
    if (typeof made !== 'number') {
      answers.push(...made.answers);
      most = packet.length;
    } else if (made > 0) most = made;
    else {
      answers.push(JSON.stringify(failedLine(left[0]!, lateCode)));
      most = packet.length;
    }
  }
  return `${answers.join('\n')}\n`;
}

const lateCode = 'stopped';

/** What a worker answered, or how many lines stand before the one at which it was ended. */
async function tried(
  pool: Piscina<Packet, readonly string[]>,
  lines: readonly string[],
): Promise<{ answers: readonly string[] } | number> {
  const at = new Int32Array(new SharedArrayBuffer(4));
  const late = new AbortController();
  let [seen, since] = [0, performance.now()];
  const watch = setInterval(() => {
    const now = Atomics.load(at, 0);
    // Until the packet has a worker there is nothing to be late.
    if (now !== seen || now === 0) [seen, since] = [now, performance.now()];
    else if (performance.now() - since > LATE_MS) late.abort();
  }, WATCH_MS);
  try {
    return { answers: await pool.run({ lines, at }, { signal: late.signal }) };
  } catch {
    return Math.max(0, Atomics.load(at, 0) - 1);
  } finally {
    clearInterval(watch);
  }
}
