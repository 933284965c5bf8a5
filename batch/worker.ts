import { answerBatchLine } from './answer';

/** Lines to be answered one after another; `at` is shared memory in which the worker says which one it is at. */
export type Packet = Readonly<{ lines: readonly string[]; at: Int32Array }>;

/** A packet is handed back when it has taken this long, so that answers are not held up by those after them. */
const MOST_MS = 100;

/** The answers to the first lines of a packet, as lines of JSON; the others are asked for again. */
export default function answerPacket({ lines, at }: Packet): readonly string[] {
  const end = performance.now() + MOST_MS;
  const answers: string[] = [];
  for (const line of lines) {
    Atomics.add(at, 0, 1);
    answers.push(JSON.stringify(answerBatchLine(line)));
    if (performance.now() > end) break;
  }
  return answers;
}
