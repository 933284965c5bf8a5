import { itemAt } from '@/core/base/item';
import { availableParallelism } from 'node:os';
import Piscina from 'piscina';
import { failedLine } from './answer';
import type { Answered, Packet } from './worker';

/** Lines that cross to a worker together; each crossing costs about as much as a short answer. */
const PACKET_LINES = 512;
const PACKET_SIZE = 100_000;
/** Packets under way or waiting for their turn to be written, for each worker. */
const AHEAD = 6;
/** A line that is not answered by so long after its time is late: its worker is ended and another begun. */
const GRACE = 1.15;
const WATCH_MS = 50;
/** What a worker may hold; one that needs more is ended, and its line told to be too large. */
const WORKER_MEMORY_MB = 1200;
/** Room for what lives only as long as a line: with the engine's own, workers stop one another to collect it. */
const WORKER_YOUNG_MB = 64;

export type PoolOptions = Readonly<{
  /** The file of `worker.ts`, bundled. */
  worker: string;
  threads?: number;
}>;

/** Answers lines in order, in worker threads; holds no more lines than are under way. `write` is waited for. */
export async function answerLines(
  lines: AsyncIterable<readonly string[]>,
  write: (text: string) => Promise<void>,
  { worker, threads = availableParallelism() }: PoolOptions,
): Promise<void> {
  const pool = new Piscina<Packet, Answered>({
    filename: worker,
    minThreads: threads,
    maxThreads: threads,
    concurrentTasksPerWorker: 1,
    // A worker that waits by spinning takes the processor from the others.
    atomics: 'disabled',
    resourceLimits: { maxOldGenerationSizeMb: WORKER_MEMORY_MB, maxYoungGenerationSizeMb: WORKER_YOUNG_MB },
  });
  const written: Promise<void>[] = [];
  let last = Promise.resolve();
  const send = async (packet: readonly string[]): Promise<void> => {
    const [before, sent] = [last, answered(pool, packet)];
    last = before.then(async () => write(await sent));
    // A failure here is awaited, and told, when its turn has come.
    for (const promise of [sent, last]) promise.catch(() => undefined);
    written.push(last);
    if (written.length > threads * AHEAD) await written.shift();
  };
  for await (const group of lines) for (const packet of packetsOf(group)) await send(packet);
  await last;
  await pool.destroy();
}

/** What has come is sent at once, so that whoever waits for an answer before the next line gets it. */
function* packetsOf(group: readonly string[]): Generator<readonly string[]> {
  let packet: string[] = [];
  let size = 0;
  for (const line of group) {
    if (line.trim() === '') continue;
    packet.push(line);
    size += line.length;
    if (packet.length < PACKET_LINES && size < PACKET_SIZE) continue;
    yield packet;
    [packet, size] = [[], 0];
  }
  if (packet.length > 0) yield packet;
}

/** The answers to a packet, whatever becomes of the workers that have it. */
async function answered(pool: Piscina<Packet, Answered>, packet: readonly string[]): Promise<string> {
  const texts: string[] = [];
  let count = 0;
  /** Lines before one that was late were answered before; they are short, and are answered again by themselves. */
  let most = packet.length;
  while (count < packet.length) {
    const left = packet.slice(count, count + most);
    const result = await tried(pool, left);
    if (result === 0) texts.push(JSON.stringify(failedLine(itemAt(left, 0), lateCode)));
    else if (typeof result !== 'number') texts.push(result.text);
    most = typeof result === 'number' && result > 0 ? result : packet.length;
    if (typeof result !== 'number') count += result.count;
    else if (result === 0) count += 1;
  }
  return `${texts.join('\n')}\n`;
}

const lateCode = 'stopped';

/** What a worker answered, or how many lines stand before the one at which it was ended. */
async function tried(pool: Piscina<Packet, Answered>, lines: readonly string[]): Promise<Answered | number> {
  const at = new Int32Array(new SharedArrayBuffer(8));
  const late = new AbortController();
  let [seen, since, used] = [0, performance.now(), process.cpuUsage()];
  const watch = setInterval(() => {
    const now = Atomics.load(at, 0);
    // Until the packet has a worker there is nothing to be late.
    if (now !== seen || now === 0) [seen, since, used] = [now, performance.now(), process.cpuUsage()];
    else {
      // On a busy machine the clock goes on while nothing is worked.
      const { user, system } = process.cpuUsage(used);
      const spent = Math.min(performance.now() - since, (user + system) / 1000);
      if (spent > GRACE * Atomics.load(at, 1)) late.abort();
    }
  }, WATCH_MS);
  try {
    return await pool.run({ text: lines.join('\n'), at }, { signal: late.signal });
  } catch {
    return Math.max(0, Atomics.load(at, 0) - 1);
  } finally {
    clearInterval(watch);
  }
}
