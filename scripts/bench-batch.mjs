import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';

/** Short requests, made as they are read so that there is no file of them. */
function* requests(count) {
  for (let i = 0; i < count; i += 1) {
    const expr = i % 3 === 0 ? `sin(${i})+sqrt(${i % 50})` : `${i}*${i + 1}/7+2^${i % 20}`;
    yield `${JSON.stringify({ id: i, do: 'evaluate', expr })}\n`;
  }
}

/** The largest amount of memory that a process has had, in MB; 0 where that cannot be told. */
function memoryOf(pid) {
  try {
    return Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;
  } catch {
    return 0;
  }
}

async function answered(count, threads) {
  const child = spawn(process.execPath, ['scripts/batch.mjs'], {
    stdio: ['pipe', 'pipe', 'inherit'],
    env: { ...process.env, ULKAV_THREADS: String(threads) },
  });
  const since = performance.now();
  let [lines, memory] = [0, 0];
  child.stdout.on('data', (part) => {
    memory = Math.max(memory, memoryOf(child.pid));
    for (const byte of part) if (byte === 10) lines += 1;
  });
  for (const request of requests(count)) if (!child.stdin.write(request)) await once(child.stdin, 'drain');
  child.stdin.end();
  await once(child, 'close');
  if (lines !== count) throw new Error(`${lines} answers to ${count} requests`);
  return { ms: performance.now() - since, memory };
}

/** Short lines in batch: two threads against one, and the memory of a tenth of them against all. */
export async function benchBatch(count = 200_000) {
  const few = await answered(count / 10, 2);
  const one = await answered(count, 1);
  const two = await answered(count, 2);
  return [
    [`speed of two threads over one, ${count} short lines`, one.ms / two.ms],
    [`memory of ${count} short lines over that of ${count / 10}`, two.memory / few.memory],
  ];
}
