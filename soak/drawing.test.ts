import { printMathml } from '@/core/language/print-mathml';
import type { Markup } from '@/core/language/markup';
import { parseUnfinished } from '@/core/language/parse';
import { optionsOf } from '@/state/slices/bench/reading';
import { DEFAULT_SETTINGS } from '@/state/slices/parts';
import { chanceOf } from './chance';
import { hostile } from './lines';
import { progress, soaking } from './soaking';

const { seed, lines, timeout } = soaking;

/** How many rows lie in the first place of each other, anywhere in some markup: without recursion, since it may be deep. */
function deepestRows(of: Markup): number {
  let deepest = 0;
  const open: (readonly [Markup, number])[] = [[of, 0]];
  for (let next = open.pop(); next !== undefined; next = open.pop()) {
    const [{ tag, kids }, depth] = next;
    const own = tag === 'mrow' ? depth + 1 : 0;
    deepest = Math.max(deepest, own);
    kids.forEach((kid, i) => {
      if (typeof kid !== 'string') open.push([kid, i === 0 ? own : 0]);
    });
  }
  return deepest;
}

// Browsers lay out some hundred rows, each in the first place of the next, in many seconds.
test(
  `a line of any kind is drawn in rows that a browser lays out at once (seed ${seed})`,
  () => {
    const options = optionsOf(DEFAULT_SETTINGS);
    for (let i = 0; i < lines; i += 1) {
      progress('rows', i, lines);
      const read = parseUnfinished(hostile(chanceOf(seed + i)), options);
      if (read === null) continue;
      const depth = deepestRows(printMathml(read.tree, { ...options, grouping: true }));
      expect([i, depth < 60 ? 'few' : depth]).toEqual([i, 'few']);
    }
  },
  timeout,
);
