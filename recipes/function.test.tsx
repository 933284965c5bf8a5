import { render } from '@testing-library/react';
import { createElement } from 'react';
import { functionNames } from '@/core/function';
import { bare } from '@/core/language/brackets';
import { markupText } from '@/core/language/markup';
import { parse } from '@/core/language/parse';
import { printLatex } from '@/core/language/print-latex';
import { printMathml } from '@/core/language/print-mathml';
import { readLatex } from '@/core/language/read-latex';
import { readMathml } from '@/core/language/read-mathml';
import { completionsFor } from '@/core/line/completions';
import { changed, lineOf } from '@/core/line/line';
import { readRow } from '@/core/line/read';
import { EMPTY_BOXES } from '@/core/line/row';
import { writeRow } from '@/core/line/write';
import { DrawnLine } from '@/ui/line/boxes/draw';
import { answerBatchLine } from '../batch/answer';

/* What CONTRIBUTING says of a function: a record with its notation, a line in the list, and its sentence are all it takes. */

jest.mock('@/core/function/records', () => {
  const { records } = jest.requireActual<typeof import('@/core/function/records')>('@/core/function/records');
  const { defineFunction } = jest.requireActual<typeof import('@/core/function/record')>('@/core/function/record');
  const { add, multiply } = jest.requireActual<typeof import('@/core/number/arithmetic')>('@/core/number/arithmetic');
  const layout = jest.requireActual<typeof import('@/core/notation/layout')>('@/core/notation/layout');
  const { defineNotation } = jest.requireActual<typeof import('@/core/notation/notation')>('@/core/notation/notation');
  const gauge = defineFunction({
    name: 'gauge',
    topic: 'powers',
    takes: ['x', 'y'],
    notation: defineNotation(
      layout.row(layout.lowered(layout.sign('§'), layout.value(1)), layout.fences('⌊', layout.value(0), '⌉')),
    ),
    apply: ([x, y]) => ({ ok: true, value: add(multiply(x, x), y) }),
    examples: [{ typed: 'gauge(3,4)', exact: '13' }],
    source: 'made up',
  });
  return { records: [...records, gauge] };
});

const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const style = { decimalSign: '.', impliedFirst: false, grouping: false } as const;
const WRITTEN = '2gauge(x+1,y)^2';

const meaning = (text: string | null) => {
  const read = parse(text ?? '', options);
  if (!read.ok) throw new Error(`${text}: ${read.problem.code}`);
  return JSON.stringify(bare(read.value.tree), (key, of: unknown) => (key === 'span' ? undefined : of));
};
const tree = () => {
  const read = parse(WRITTEN, options);
  if (!read.ok) throw new Error(read.problem.code);
  return read.value.tree;
};

test('it is read, worked, and offered while its name is typed', () => {
  expect(answerBatchLine('{"id":1,"do":"evaluate","expr":"gauge(3,4)"}')).toMatchObject({ ok: true, exact: '13' });
  expect(completionsFor(lineOf('gau', 'boxed', options), options)).toEqual([{ fn: 'gauge', typed: 3 }]);
});

test('its box stands as its notation says, and the caret passes it in that order', () => {
  const { container } = render(
    createElement('math', null, <DrawnLine row={readRow('gauge(5,7)', options).row} style={style} />),
  );
  expect(container.textContent).toBe('§7⌊5⌉');
  let line = changed(EMPTY_BOXES, { type: 'call', fn: 'gauge' }, options);
  for (const text of ['7', '5']) {
    line = line && changed(line, { type: 'insert', text }, options);
    line = line && changed(line, { type: 'edit', command: 'moveRight' }, options);
  }
  if (line?.kind !== 'boxed') throw new Error('the line is no longer boxed');
  expect(writeRow(line.row, '.').text).toBe('gauge(5,7)');
});

test('it is copied as MathML and LaTeX, and both are read back', () => {
  const mathml = markupText(printMathml(tree(), style));
  expect(mathml).toContain('<msub><mo>§</mo><mi>y</mi></msub>');
  expect(meaning(readMathml(mathml, '.'))).toBe(meaning(WRITTEN));
  const latex = printLatex(tree());
  expect(latex).toContain('§_{y}\\left\\lfloor x+1\\right\\rceil ');
  expect(meaning(readLatex(latex, '.'))).toBe(meaning(WRITTEN));
});
