import { randomBytes } from 'node:crypto';
import { drawBelow } from '@/core/base/chance';
import { caretOf, changed, lineOf, textOf } from '@/core/line/line';
import { readNotebook, writeNotebook, fromNotebook, toNotebook } from '@/state/slices/notebook';
import { fromFragment, toFragment } from '@/core/notebook/shared';
import { looksLikeLatex } from '@/core/language/looks-like';
import { readLatex } from '@/core/language/read-latex';
import { readMathml } from '@/core/language/read-mathml';
import { keys } from '@/keys/catalogue';
import { isLineAction } from '@/keys/press';
import { DEFAULT_SETTINGS } from '@/state/slices/parts';
import { optionsOf } from '@/state/slices/bench/reading';
import { settleSynchronously } from '@/state/sync-driver';
import { createStore } from '@/state/store';
import { answerBatchLine } from '../batch/answer';
import { actOnce } from './actions';
import { chanceOf } from './chance';
import type { Chance } from './chance';
import { hostile, plain } from './lines';
import { brokenText, mutated } from './mutations';
import { lived } from './notebooks';
import { progress, soaking } from './soaking';

const { seed, lines, notebooks, files, timeout } = soaking;

const worked = (ms: number) => {
  const end = performance.now() + ms;
  return { shouldContinue: () => performance.now() < end, random: (below: bigint) => drawBelow(below, randomBytes) };
};

/** Says which of many things it was that threw. */
function each(name: string, count: number, what: (chance: Chance, i: number) => void): void {
  for (let i = 0; i < count; i += 1) {
    progress(name, i, count);
    try {
      what(chanceOf(seed + i), i);
    } catch (error) {
      throw new Error(`number ${i} of the seed ${seed}`, { cause: error });
    }
  }
}

/** Opens a text as a notebook would be, goes on with it, and writes it again. */
function opened(text: string, chance: Chance): void {
  const loaded = readNotebook(text);
  if (loaded.kind !== 'ok') return;
  const store = createStore();
  store.getState().openNotebook(loaded.notebook, true);
  settleSynchronously(store, worked(100));
  const first = writeNotebook(loaded.notebook);
  expect(writeNotebook(toNotebook(fromNotebook(loaded.notebook))).length).toBeGreaterThan(0);
  expect(readNotebook(first)).toEqual({ ...loaded, setAside: 0, isMended: false, isNewer: false });
  for (let i = 0; i < 8; i += 1) actOnce(store, chance, worked(100));
}

test(
  `a line of any kind is answered and never thrown at (seed ${seed})`,
  () => {
    const options = optionsOf(DEFAULT_SETTINGS);
    each('lines', lines, (chance, i) => {
      const text = hostile(chance);
      textOf(lineOf(text, 'boxed', options), '.');
      const answer = answerBatchLine(
        JSON.stringify({ id: i, do: chance.pick(['evaluate', 'steps']), expr: text }),
        150,
      );
      expect(answer).toHaveProperty('ok');
      expect(answer).not.toHaveProperty('problem.code', 'internal');
    });
  },
  timeout,
);

test(
  `a caret is found again by its offset in the typed text (seed ${seed})`,
  () => {
    const options = optionsOf(DEFAULT_SETTINGS);
    const strokes = Object.values(keys).flatMap(({ does }) => (isLineAction(does) ? [does] : []));
    each('carets', lines, (chance) => {
      let line = lineOf(chance.once(2) ? plain(chance) : hostile(chance).slice(0, 30), 'boxed', options);
      for (let i = 0; i < 8; i += 1) {
        line = changed(line, chance.pick(strokes), options) ?? line;
        const [text, at] = [textOf(line, '.'), caretOf(line, '.')];
        const again = lineOf(text, 'boxed', options, at);
        expect([text, textOf(again, '.'), caretOf(again, '.')]).toEqual([text, text, at]);
      }
    });
  },
  timeout,
);

test(
  `a notebook that another hand changed is read, opened and gone on with (seed ${seed})`,
  () => {
    let base = lived(chanceOf(seed));
    each('notebooks', notebooks, (chance, i) => {
      if (i % 50 === 0) base = lived(chance);
      opened(JSON.stringify(mutated(JSON.parse(base), chance)), chance);
      opened(brokenText(base, chance), chance);
    });
  },
  timeout,
);

test(
  `a link or a formula that another hand changed is told, never thrown (seed ${seed})`,
  () => {
    const line = {
      kind: 'line' as const,
      text: '2÷(1+√2)',
      angle: 'rad' as const,
      impliedFirst: true,
      complex: false,
      decimalSign: ',' as const,
      own: { mode: 'places' as const, digits: 4 },
      keys: ['d2', '"(1+√2)'],
    };
    const mathml =
      '<math><mrow><msup><mi>x</mi><mn>2</mn></msup><mo>+</mo><mfrac><mn>1</mn><msqrt><mn>2</mn></msqrt></mfrac></mrow></math>';
    const latex = '\\frac{1}{\\sqrt[3]{2}}+\\sum_{k=1}^{9} k^{2}\\left(x\\right)';
    each('links', files, (chance) => {
      const shared = fromFragment(toFragment(mutated(line, chance) as never));
      fromFragment(`ulkav=${brokenText(encodeURIComponent(JSON.stringify(line)), chance)}`);
      if (shared !== null && shared !== 'damaged' && shared.kind === 'line') {
        const store = createStore();
        store.getState().openShared(shared);
        for (let i = 0; i < 3; i += 1) actOnce(store, chance, worked(100));
      }
      readMathml(brokenText(brokenText(mathml, chance), chance), '.');
      const formula = brokenText(latex, chance);
      if (looksLikeLatex(formula)) readLatex(formula, '.');
    });
  },
  timeout,
);
