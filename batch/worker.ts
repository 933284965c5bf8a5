import { answerBatchLine, timeFor } from './answer';

/**
 * Lines to be answered one after another, joined into one text since that crosses to a worker for less than many do;
 * `at` is shared memory in which the worker says which one it is at, and how many milliseconds that may take.
 */
export type Packet = Readonly<{ text: string; at: Int32Array }>;

/** The answers to the first `count` lines of a packet, joined; the others are asked for again. */
export type Answered = Readonly<{ text: string; count: number }>;

/** A packet is handed back when it has taken this long, so that answers are not held up by those after them. */
const MOST_MS = 100;

export default function answerPacket({ text, at }: Packet): Answered {
  const end = performance.now() + MOST_MS;
  const answers: string[] = [];
  for (const line of text.split('\n')) {
    Atomics.store(at, 1, timeFor(line));
    Atomics.add(at, 0, 1);
    answers.push(JSON.stringify(answerBatchLine(line)));
    if (performance.now() > end) break;
  }
  return { text: answers.join('\n'), count: answers.length };
}
