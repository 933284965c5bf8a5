import { angleUnits } from '../../base/angle';
import { itemAt } from '../../base/item';
import { binaryTree, groupTree, inside, nodesOf, numberTree } from '../../language/tree';
import type { Tree } from '../../language/tree';
import { byRewriting, rewritten } from '../slip';
import type { Rewrite, SlipRecord } from '../slip';

const anglesOf = (tree: Tree): boolean => [...nodesOf(tree)].some(({ kind }) => kind === 'mark' || kind === 'dms');

/** Another angle unit set, or a mark of an angle left out. */
export const angleUnit: SlipRecord = {
  name: 'angle-unit',
  cost: 0.6,
  *variants({ tree, angle }) {
    for (const unit of angleUnits)
      if (unit !== angle) yield { tree, angle: unit, extra: unit === 'grad' || angle === 'grad' ? 0.8 : 0 };
    if (!anglesOf(tree)) return;
    yield* rewritten(tree, function* (node) {
      if (node.kind !== 'mark') return;
      yield [node.of, 0.2];
      for (const unit of angleUnits) if (unit !== node.unit) yield [{ ...node, unit, by: 'word' }, 0.4];
    });
  },
};

const WHOLE = /^\d+$/;
const two = (digits: string): string => digits.padStart(2, '0');
const isMark = (node: Tree | null): node is Tree & { kind: 'mark' } => node?.kind === 'mark' && node.unit === 'deg';

/** Sixtieths that are keyed behind the point as they stand: 5 min 30 s as 5.30. */
const run = (whole: string, parts: readonly string[]): string => `${whole}.${parts.map(two).join('')}`;

/** A part over 60 or 3600, with the part as it is written. */
function sixtieths(tree: Tree, of: string): string | null {
  const node = inside(tree);
  const isOver = node.kind === 'binary' && (node.op === 'over' || node.op === 'divide');
  if (!isOver || node.left.kind !== 'number' || node.right.kind !== 'number') return null;
  return node.right.written === of && WHOLE.test(node.left.written) ? node.left.written : null;
}

/** Numbers whose decimals may have been minutes: 30.15 for 30°15′. */
const asMinutes: Rewrite = function* (node, parent) {
  if (node.kind !== 'number') return;
  const [, whole, minutes, seconds] = /^(\d+)\.(\d\d?)(\d\d)?$/.exec(node.written) ?? [];
  if (whole === undefined || minutes === undefined || Number(minutes) >= 60 || Number(seconds ?? '0') >= 60) return;
  const isAngle = isMark(parent);
  const dms: Tree = {
    kind: 'dms',
    degrees: whole,
    minutes: `${Number(minutes)}`,
    seconds: seconds === undefined ? null : `${Number(seconds)}`,
    span: node.span,
  };
  if (isAngle) yield [dms, 0];
  if (isAngle && minutes.length === 1) yield [{ ...dms, minutes: `${minutes}0` }, 0.2];
  if (seconds !== undefined || isAngle) return;
  const part = (top: string): Tree =>
    groupTree(binaryTree('plus', numberTree(whole), binaryTree('over', numberTree(top), numberTree('60'))));
  yield [part(`${Number(minutes)}`), 0.9];
  if (minutes.length === 1) yield [part(`${minutes}0`), 1.1];
};

const circular = new Set(['sin', 'cos', 'tan', 'asin', 'acos', 'atan']);

/** Whether a line is about angles or time: it has one, or works with sixtieths. */
const isOfSixtieths = (tree: Tree): boolean =>
  anglesOf(tree) ||
  [...nodesOf(tree)].some(
    (node) =>
      (node.kind === 'call' && circular.has(node.fn)) ||
      (node.kind === 'number' && (node.written === '60' || node.written === '3600')) ||
      (node.kind === 'conversion' && node.measures.some(({ unit }) => /^(h|hr|min|s)$/.test(unit?.text ?? ''))) ||
      (node.kind === 'mixed' && node.d === 60n),
  );

/** A marked decimal is worked over whole, so that its mark goes with it. */
const markedAsMinutes: Rewrite = function* (node) {
  if (!isMark(node)) return;
  for (const [by, extra] of asMinutes(node.of, node)) yield [by, extra];
};

export const dmsDecimal: SlipRecord = {
  name: 'dms-decimal',
  cost: 0.9,
  *variants(line) {
    if (!isOfSixtieths(line.tree)) return;
    yield* rewritten(line.tree, markedAsMinutes);
    yield* byRewriting(function* (node, parent) {
      if (!isMark(parent)) yield* asMinutes(node, null);
      if (node.kind === 'number' && line.angle === 'deg' && !isMark(parent)) {
        const mark: Tree = { kind: 'mark', unit: 'deg', by: 'sign', of: node, span: node.span };
        for (const [by, extra] of asMinutes(node, mark)) yield [by, extra + 0.3];
      }
      if (node.kind === 'dms') {
        const mark = (written: string): Tree => ({
          kind: 'mark',
          unit: 'deg',
          by: 'sign',
          of: numberTree(written),
          span: node.span,
        });
        const rest = node.seconds === null ? [] : [node.seconds];
        if (WHOLE.test(node.minutes) && rest.every((part) => WHOLE.test(part))) {
          yield [mark(run(node.degrees, [node.minutes, ...rest])), 0];
          if (node.minutes.length === 1 && rest.length === 0) yield [mark(`${node.degrees}.${node.minutes}`), 0.2];
        }
      }
      if (node.kind === 'mixed' && node.whole !== null && node.d === 60n)
        yield [numberTree(run(`${node.whole}`, [`${node.n}`])), 0];
      if (node.kind === 'binary' && node.op === 'plus') {
        const minutes = sixtieths(node.right, '60');
        if (minutes !== null && node.left.kind === 'number' && WHOLE.test(node.left.written))
          yield [numberTree(run(node.left.written, [minutes])), 0];
        const seconds = sixtieths(node.right, '3600');
        const before = node.left.kind === 'binary' && node.left.op === 'plus' ? node.left : null;
        const inner = before === null ? null : sixtieths(before.right, '60');
        if (seconds !== null && inner !== null && before?.left.kind === 'number' && WHOLE.test(before.left.written))
          yield [numberTree(run(before.left.written, [inner, seconds])), 0];
      }
      if (node.kind === 'conversion' && node.measures.length > 1) {
        const [first] = node.measures;
        const parts = node.measures.map(({ of }) =>
          of.kind === 'number' && WHOLE.test(of.written) ? of.written : null,
        );
        const units = node.measures.map(({ unit }) => unit?.text ?? '');
        const isTime = /^(h|hr|hour)?,?(min)?,?(s)?$/.test(units.join(','));
        if (first !== undefined && isTime && parts.every((part) => part !== null))
          yield [{ ...node, measures: [{ ...first, of: numberTree(run(itemAt(parts, 0), parts.slice(1))) }] }, 0];
      }
    })(line);
  },
};

const units: Readonly<Record<string, readonly string[]>> = { min: ['s'], s: ['min'], h: ['min'] };

/** Minutes taken for seconds, and the other way. */
export const minutesSeconds: SlipRecord = {
  name: 'minutes-seconds',
  cost: 1.1,
  variants: byRewriting(function* (node) {
    if (node.kind === 'dms') {
      const { minutes, seconds } = node;
      if (seconds === null) yield [{ ...node, minutes: '0', seconds: minutes }, 0];
      else {
        yield [{ ...node, minutes: seconds, seconds: minutes }, 0];
        if (Number(minutes) === 0) yield [{ ...node, minutes: seconds, seconds: null }, -0.2];
      }
    }
    if (node.kind === 'number' && (node.written === '60' || node.written === '3600'))
      yield [numberTree(node.written === '60' ? '3600' : '60'), 0];
    if (node.kind === 'conversion') {
      for (const text of units[node.to.text] ?? []) yield [{ ...node, to: { ...node.to, text } }, 0.2];
      for (const [i, measure] of node.measures.entries())
        for (const text of units[measure.unit?.text ?? ''] ?? [])
          yield [
            {
              ...node,
              measures: node.measures.map((m, k) =>
                k === i && m.unit !== null ? { ...m, unit: { ...m.unit, text } } : m,
              ),
            },
            0,
          ];
    }
  }),
};
