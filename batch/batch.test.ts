import fc from 'fast-check';
import { answerBatchLine } from './answer';

const SEED = 20261126;
type Answer = Record<string, unknown> & { problem?: { code: string; from: number; to: number } };
const ask = (request: object): Answer =>
  answerBatchLine(JSON.stringify({ id: 'q', do: 'evaluate', ...request })) as Answer;

test.each([
  [{ expr: '-4^2+2/5' }, { decimal: '-15.6', exact: '-78/5', readAs: '−(4²) + 2/5' }],
  [
    { expr: '17/6', digits: 5 },
    { decimal: '2.8333', exact: '17/6' },
  ],
  [{ expr: '5/2', digits: 1 }, { decimal: '3' }],
  [{ expr: '-5/2', digits: 1 }, { decimal: '-3' }],
  [{ expr: '10^-7' }, { decimal: '0.0000001' }],
  [{ expr: '10^-8' }, { decimal: '1E-8' }],
  [{ expr: '10^30' }, { decimal: '1E+30' }],
  [{ expr: '10^29' }, { decimal: `1${'0'.repeat(29)}` }],
  [
    { expr: '2A', variables: { A: '18.4' } },
    { decimal: '36.8', exact: '184/5' },
  ],
  [{ expr: '1/2pi', impliedFirst: true }, { readAs: '1/(2π)' }],
  [{ expr: 'sin(30)', angle: 'deg' }, { exact: '1/2' }],
  [
    { expr: 'asin(acos(atan(tan(cos(sin(9))))))', angle: 'deg' },
    { decimal: '9', exact: null, settled: false },
  ],
  [{ expr: '1/(1+sqrt(2))' }, { exact: 'sqrt(2)-1' }],
  [{ expr: '240+15%' }, { exact: '276' }],
  [{ expr: '(-32)^(1/5)' }, { exact: '-2' }],
  [{ expr: '12^(1/2)' }, { exact: '2sqrt(3)' }],
  [{ expr: '8^(2/3)' }, { exact: '4' }],
  [{ expr: '0^0' }, { exact: '1' }],
  [{ expr: '53 mod 8-7 mod -3' }, { exact: '7' }],
  [{ expr: '45°' }, { exact: 'pi/4' }],
  [{ expr: '73°24\'36"', angle: 'deg' }, { exact: '7341/100' }],
])('%j answers %j', (request, expected) => expect(ask(request)).toMatchObject({ id: 'q', ok: true, ...expected }));

// What a request for Kit answers; the numbers worked by hand, or found in the tests of the core.
test.each([
  [
    { do: 'base', value: '-5', bits: 8, to: 3 },
    { bin: '11111011', oct: '373', hex: 'FB', dec: '-5', inBase: '100022' },
  ],
  [
    { do: 'base', value: '-1F.8', from: 16 },
    { bin: '-11111.1', dec: '-31.5' },
  ],
  [
    { do: 'bits', op: 'not', a: '25', bits: 8, signed: false },
    { hex: 'E6', signed: '-26', unsigned: '230', carry: false },
  ],
  [
    { do: 'bits', op: 'add', a: '0xCA', b: '-1' },
    { signed: '-55', carry: true, overflow: false },
  ],
  [
    { do: 'convert', value: '5', from: 'acre', to: 'ha' },
    { decimal: '2.0234282112', exact: '158080329/78125000' },
  ],
  [
    { do: 'date', op: 'difference', from: '2024-01-31', to: '2024-03-01' },
    { days: 30, ymd: [0, 1, 1], weekday: 5, isoWeek: '2024-W09' },
  ],
  [{ do: 'date', op: 'add', from: '2024-01-31', months: 1 }, { date: '2024-02-29' }],
  [
    { do: 'loan', solve: 'payment', amount: '1200', ratePerPeriod: '0', periods: '12' },
    { value: '100', total: '1200', interest: '0' },
  ],
  [
    { do: 'loan', solve: 'term', amount: '100', payment: '0', ratePerPeriod: '0.1', balance: '121' },
    { value: '2', interest: '21' },
  ],
  [{ expr: '5 ft 3 in to cm' }, { exact: '8001/50' }],
  [{ expr: 'bitxor(0b1011, 1F base 16)' }, { exact: '20' }],
])('%j answers %j', (request, expected) => expect(ask(request)).toMatchObject({ id: 'q', ok: true, ...expected }));

test.each([
  [{ do: 'base', value: '129', from: 2 }, 'syntax', 1, 2],
  [{ do: 'bits', op: 'and', a: '300', b: '1' }, 'domain', 0, 3],
  [{ do: 'convert', value: '5', from: 'm', to: 'gallon' }, 'undefined-name', 0, 6],
  [{ do: 'convert', value: '5', from: 'm', to: 's' }, 'dimension', 0, 0],
  [{ do: 'date', op: 'difference', from: '2023-02-29', to: '2024-01-01' }, 'domain', 0, 10],
  [{ do: 'loan', solve: 'term', amount: '2500', payment: '12.5', ratePerPeriod: '0.005' }, 'domain', 0, 0],
])('%j is %s at %i to %i', (request, code, from, to) => expect(ask(request).problem).toMatchObject({ code, from, to }));

test.each([
  ['sqrt(-4)', 'domain', 0, 8],
  ['1+1/0', 'divide-by-zero', 4, 5],
  ['0^-1', 'divide-by-zero', 0, 4],
  ['2+tan(90°)', 'domain', 2, 10],
  ['9^9^9^9', 'too-large', 2, 7],
  ['(10^9)!', 'too-large', 0, 7],
  ['2^10^9', 'too-large', 0, 6],
  ['3+Q', 'undefined-name', 2, 3],
  ['log(1;2', 'syntax', 5, 6],
  ['1,234', 'syntax', 0, 5],
  ['nCr(5)', 'argument-count', 0, 6],
  ['sin(10^10001)', 'too-large', 0, 13],
  ['1/(ln(2)+ln(3)-ln(6))', 'divide-by-zero', 2, 21],
])('%s is %s at %i to %i', (expr, code, from, to) => expect(ask({ expr }).problem).toMatchObject({ code, from, to }));

test(`a bad line answers for itself, whatever it holds (seed ${SEED})`, () => {
  const shaped = fc.record(
    {
      id: fc.anything(),
      do: fc.constantFrom('evaluate', 'other', 7),
      expr: fc.anything(),
      digits: fc.anything(),
      angle: fc.anything(),
      variables: fc.anything(),
    },
    { requiredKeys: [] },
  );
  const line = fc.oneof(
    fc.string({ unit: 'binary' }),
    fc.json(),
    shaped.map((r) => JSON.stringify(r)),
    fc.string().map((expr) => JSON.stringify({ id: 1, do: 'evaluate', expr })),
  );
  fc.assert(
    fc.property(line, (text) => {
      const answer = answerBatchLine(text) as Answer;
      expect(typeof answer['ok']).toBe('boolean');
      expect(JSON.stringify(answer)).not.toContain('\n');
    }),
    { seed: SEED, numRuns: 600 },
  );
});

const SINE = { kind: 'question', words: '', line: 'sin(30)', answer: '', tolerance: '', curve: '' };
const sheet = {
  format: 'ulkav-sheet',
  version: 1,
  title: 'Tides',
  seed: 'k',
  tells: true,
  drawn: [{ letter: 'a', from: '6', to: '6', step: '1' }],
  items: [
    { kind: 'text', text: 'The board reads {a}.' },
    { kind: 'question', words: '', line: '-a^2+2/3', answer: '', form: 'lowest', tolerance: '', curve: '' },
  ],
};
const items = [{ text: 'The board reads 6.' }, { line: '-6^2+2/3', answer: '-106/3', form: 'lowest' }];

// A line beside another answer, and sheets of exercises.
test.each([
  [
    { do: 'check', expr: '2/3', answer: '4/6' },
    { same: true, slips: [] },
  ],
  [
    { do: 'check', expr: '2/3', answer: '0.67', form: 'places 2' },
    { same: true, rounded: 2, inForm: true },
  ],
  [
    { do: 'check', expr: '2/3', answer: '4/6', form: 'lowest' },
    { same: true, inForm: false },
  ],
  [
    { do: 'check', expr: 'sin(30)', answer: '0.5' },
    { same: false, slips: expect.arrayContaining([{ name: 'angle-unit', line: 'sin(30)', angle: 'deg' }]) as unknown },
  ],
  [{ do: 'check', expr: '2+', answer: '1' }, { ok: false }],
  [
    { do: 'check', expr: '2', answer: '1/0' },
    { ok: false, problem: { code: 'divide-by-zero' } },
  ],
  [
    { do: 'sheet', sheet },
    { title: 'Tides', items },
  ],
  [
    { do: 'sheet', sheet, answers: ['36 2/3'] },
    { items: [items[0], { mark: 'wrong', slip: 'sign-power', slipLine: '(-6)^2+2/3' }] },
  ],
  [{ do: 'sheet', sheet, answers: ['-106/3'] }, { items: [items[0], { mark: 'right' }] }],
  // What cannot be worked or read is told with its question, and the others are worked.
  [
    {
      do: 'sheet',
      sheet: { ...sheet, items: ['1/(a-6)', 'a+', 'a/4', 'a'].map((line) => ({ ...SINE, line, form: 'any' })) },
      answers: ['', '', '1.5', '2+'],
    },
    {
      items: [
        { key: '1/(6-6)', answer: null, problem: { code: 'divide-by-zero', from: 2, to: 7 } },
        { answer: null, problem: { code: 'syntax' } },
        { answer: '3/2', mark: 'right' },
        { answer: '6', problem: { code: 'syntax' } },
      ],
    },
  ],
  // Its own unit counts, whatever is asked with.
  [
    {
      do: 'sheet',
      sheet: { ...sheet, angle: 'deg', items: [{ ...SINE, form: 'any' }] },
      angle: 'rad',
      answers: ['1/2'],
    },
    { items: [{ answer: '1/2', mark: 'right' }] },
  ],
  [{ do: 'sheet', sheet: { ...sheet, version: 2 } }, { ok: false }],
])('%j answers %j', (request, expected) => expect(ask(request)).toMatchObject(expected));
