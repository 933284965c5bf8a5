import { itemAt } from '@/core/base/item';

/** The lines of a text that comes in parts, in groups as they come; lines end with a line feed, or with a return before it. */
export async function* linesOf(parts: AsyncIterable<string>): AsyncGenerator<readonly string[]> {
  /** What has come of a line that has not ended; joined when it ends, so that a long line costs its length once. */
  let begun: string[] = [];
  for await (const part of parts) {
    const lines = part.split(/\r?\n/);
    const last = lines.pop() ?? '';
    if (lines.length > 0) {
      lines[0] = `${begun.join('')}${itemAt(lines, 0)}`.replace(/\r$/, '');
      begun = [];
      yield lines;
    }
    begun.push(last);
  }
  yield [begun.join('')];
}
