import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { closeSync, mkdtempSync, openSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Short requests, one a line. */
function requests(count) {
  const lines = Array.from({ length: count }, (_, i) => {
    const expr = i % 3 === 0 ? `sin(${i})+sqrt(${i % 50})` : `${i}*${i + 1}/7+2^${i % 20}`;
    return JSON.stringify({ id: i, do: 'evaluate', expr });
  });
  return `${lines.join('\n')}\n`;
}

/** The largest amount of memory that a process has had, in MB; 0 where that cannot be told. */
function memoryOf(pid) {
  try {
    return Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;
  } catch {
    return 0;
  }
}

/** Whether a command can be kept to some of the processors here. */
const canBeKept = () => spawnSync('taskset', ['-c', '0,1', 'true']).status === 0;

/** From a file into a file, so that the processors are the command's alone: kept to so many of them, with a thread for each. */
async function answered(count, processors) {
  const folder = mkdtempSync(join(tmpdir(), 'bench-'));
  const [from, to] = [join(folder, 'requests'), join(folder, 'answers')];
  writeFileSync(from, requests(count));
  const [input, output] = [openSync(from, 'r'), openSync(to, 'w')];
  const since = performance.now();
  const list = Array.from({ length: processors }, (_, i) => i).join(',');
  const child = spawn('taskset', ['-c', list, process.execPath, 'scripts/batch.mjs'], {
    stdio: [input, output, 'inherit'],
    env: { ...process.env, ULKAV_THREADS: String(processors) },
  });
  let memory = 0;
  const watch = setInterval(() => (memory = Math.max(memory, memoryOf(child.pid))), 100);
  await once(child, 'close');
  const ms = performance.now() - since;
  clearInterval(watch);
  closeSync(input);
  closeSync(output);
  const lines = readFileSync(to, 'utf8').split('\n').length - 1;
  rmSync(folder, { recursive: true });
  if (lines !== count) throw new Error(`${lines} answers to ${count} requests`);
  return { ms, memory };
}

/** Short lines in batch: two processors against one, and the memory of a tenth of them against all. */
export async function benchBatch(count = 1_000_000) {
  if (!canBeKept()) {
    console.log('Batch was not measured: a command cannot be kept to some of the processors here.');
    return [];
  }
  const few = await answered(count / 10, 2);
  const one = await answered(count, 1);
  const two = await answered(count, 2);
  return [
    [`speed of two processors over one, ${count} short lines`, one.ms / two.ms],
    [`memory of ${count} short lines over that of ${count / 10}`, two.memory / few.memory],
  ];
}
