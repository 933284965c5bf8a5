import { percentWords } from '@/text/kit/percent';
import type { PercentEntries } from './inputs';

/** A result, and the line that works it: typed text with a point. */
export type Line = Readonly<{ name: string; text: string }>;

/** A text as a factor: brackets only around what is no plain number. */
const factor = (text: string): string => (/^\d+(?:\.\d+)?$/.test(text) ? text : `(${text})`);

/** Each text with what it is worked by where it alone is empty: nothing where two are, or none. */
const thirdOf = (texts: readonly (readonly [text: string, line: () => Line])[]): Line | null => {
  const [empty, ...others] = texts.filter(([text]) => text === '');
  return empty === undefined || others.length > 0 ? null : empty[1]();
};

function share({ part, whole, percent }: PercentEntries): readonly Line[] {
  const [p, w, r] = [part, whole, percent].map(factor);
  const line = thirdOf([
    [part, () => ({ name: percentWords.part, text: `${w}*${r}%` })],
    [whole, () => ({ name: percentWords.whole, text: `${p}/${r}%` })],
    [percent, () => ({ name: percentWords.percent, text: `${p}/${w}*100` })],
  ]);
  return line === null ? [] : [line];
}

function change({ from, to, by }: PercentEntries): readonly Line[] {
  const [f, t, r] = [from, to, by].map(factor);
  const line = thirdOf([
    [from, () => ({ name: percentWords.before, text: `${t}/(1+${r}/100)` })],
    [to, () => ({ name: percentWords.after, text: `${f}*(1+${r}/100)` })],
    [by, () => ({ name: percentWords.changeBy, text: `(${t}-${f})/${f}*100` })],
  ]);
  if (line === null) return [];
  if (by !== '') return [line];
  return [line, { name: percentWords.difference, text: `${t}-${f}` }, { name: percentWords.ratio, text: `${t}/${f}` }];
}

function series({ before, after, steps }: PercentEntries): readonly Line[] {
  const given = steps.flatMap(([text = '']) => (text === '' ? [] : [text]));
  // The line as it is said: a price, taken off or added per cent by per cent.
  const said = given.every((text) => /^-?\d+(?:\.\d+)?$/.test(text))
    ? given.map((text) => `${text.startsWith('-') ? text : `+${text}`}%`).join('')
    : null;
  const factors = steps.flatMap(([text = '']) => (text === '' ? [] : [`(1+${factor(text)}/100)`]));
  if (factors.length === 0 || (before === '') === (after === '')) return [];
  const all = factors.join('*');
  return [
    before === ''
      ? { name: percentWords.before, text: `${factor(after)}/(${all})` }
      : { name: percentWords.after, text: said === null ? `${factor(before)}*${all}` : factor(before) + said },
    { name: percentWords.allSteps, text: `(${all}-1)*100` },
  ];
}

function three({ a, b, c, relation }: PercentEntries): readonly Line[] {
  if (a === '' || b === '' || c === '') return [];
  const [m, n, k] = [a, b, c].map(factor);
  return [{ name: percentWords.x, text: relation === 'direct' ? `${k}*${n}/${m}` : `${m}*${n}/${k}` }];
}

const kinds = { share, change, series, three } as const;

/** What can be told of what is entered; nothing where too little is, or all. */
export const linesOf = (entries: PercentEntries): readonly Line[] => kinds[entries.kind](entries);

/** Whether nothing is left open to be worked out. */
export const isFull = ({ kind, part, whole, percent, from, to, by, before, after }: PercentEntries): boolean =>
  (kind === 'share' && part !== '' && whole !== '' && percent !== '') ||
  (kind === 'change' && from !== '' && to !== '' && by !== '') ||
  (kind === 'series' && before !== '' && after !== '');
