import fc from 'fast-check';
import { contextOf } from '../evaluate/context';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import { interval } from '../number/interval';
import { compileCurve, functionTree } from './curve';
import type { Curve } from './curve';
import { sample } from './sample';
import type { Frame } from './plane';

const SEED = 20261125;
const context = contextOf({ shouldContinue: () => true });
const PHONE: Frame = { xFrom: -6, xTo: 6, yFrom: -13, yTo: 13, width: 390, height: 845 };

function curveOf(text: string): Curve {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  const made = reading.ok ? compileCurve(functionTree(reading.value.tree, 'x'), 'x', context) : reading;
  if (!made.ok) throw new Error(`${text}: ${made.problem.code}`);
  return made.value;
}

/** Each expression, how many strokes it has, and where they begin and end within the view. */
test.each([
  ['x^3-4x', 1, []],
  ['y=x^2', 1, []],
  ['f(x)=x^2', 1, []],
  ['1/x', 2, []],
  ['tan(x)', 5, []],
  ['1/(x-1/3)^2', 2, []],
  ['1/sin(x)', 4, []],
  ['(x^2+1)/(x^3-x)', 4, []],
  ['sqrt(x)', 1, [0, 6]],
  ['sqrt(4-x^2)', 1, [-2, 2]],
  ['sqrt(2-x^2)', 1, [-1.414213562373095, 1.414213562373095]],
  ['asin(x/3)', 1, [-3, 3]],
  ['x^x', 4, null],
  ['abs(x)', 1, [-6, 6]],
  ['cbrt(x)', 1, [-6, 6]],
  ['cases(x<1,x,2x-1)', 1, [-6, 6]],
  ['max(x,1-x)', 1, [-6, 6]],
  ['cases(x=1,5,x)', 3, null],
  ['floor(x)', 13, null],
  ['sign(x)', 3, null],
  ['x mod 2', 7, null],
  ['sin(x)/x', 2, null],
  ['(x^2-1)/(x-1)', 2, null],
  ['acot(x)', 2, null],
  ['sqrt(-1-x^2)', 0, null],
  ['20+x^2', 0, null],
] as const)('%s is drawn in %i strokes', (text, count, ends) => {
  const strokes = sample(curveOf(text), PHONE);
  expect(strokes).toHaveLength(count);
  if (ends !== null && ends.length > 0) expect([strokes[0]![0], strokes.at(-1)!.at(-2)]).toEqual(ends);
});

test.each([
  ['1/x', [0]],
  ['tan(x)', [-4.71238898038469, -1.5707963267948966, 1.5707963267948966, 4.71238898038469]],
  ['1/(x-1/3)', [1 / 3]],
  ['ln(abs(x-2))', [2]],
  ['floor(x)', [-5, -4, -3, -2, -1, 0, 1, 2, 3, 4, 5]],
  ['e^(1/x)', [0]],
  ['1/(x^2-2)', [-Math.SQRT2, Math.SQRT2]],
] as const)(`%s: no stroke crosses %j, whatever the view (seed ${SEED})`, (text, breaks) => {
  const curve = curveOf(text);
  const from = fc.double({ min: -6, max: 5, noNaN: true });
  const span = fc.double({ min: 0.01, max: 9, noNaN: true });
  fc.assert(
    fc.property(from, span, span, fc.integer({ min: 20, max: 400 }), (x, w, h, width) => {
      const strokes = sample(curve, { xFrom: x, xTo: x + w, yFrom: -h, yTo: h, width, height: 300 });
      // Exact breaks may belong to one side, as ⌊x⌋ at 1 does.
      const crossed = (stroke: readonly number[]) =>
        breaks.filter((at) => stroke.some((_, i) => i % 2 === 0 && stroke[i]! < at && at < stroke[i + 2]!));
      expect(strokes.flatMap(crossed)).toEqual([]);
    }),
    { seed: SEED, numRuns: 60 },
  );
});

test.each([
  'x^3-4x',
  'sin(9x)',
  'sin(60x)',
  'x*sin(20/(x+7))',
  '1/(1+50(x-1)^2)',
  'e^x-x^4',
  'sqrt(x^2+0.001)',
  '10sin(x)cos(33x)',
])('%s: the range of every pixel column is drawn to one pixel', (text) => {
  const curve = curveOf(text);
  const strokes = sample(curve, PHONE);
  const pixel = (PHONE.xTo - PHONE.xFrom) / PHONE.width;
  const unit = (PHONE.yTo - PHONE.yFrom) / PHONE.height;
  const clip = (y: number): number => Math.min(PHONE.yTo, Math.max(PHONE.yFrom, y));
  for (let column = 0; column < PHONE.width; column += 1) {
    const [a, b] = [PHONE.xFrom + column * pixel, PHONE.xFrom + (column + 1) * pixel];
    const truth = Array.from({ length: 101 }, (_, i) => curve.f(a + ((b - a) * i) / 100));
    const [low, high] = [Math.min(...truth), Math.max(...truth)];
    if (low > PHONE.yTo || high < PHONE.yFrom) continue;
    const drawn: number[] = [];
    for (const stroke of strokes)
      for (let i = 2; i < stroke.length; i += 2) {
        const [x0, y0, x1, y1] = [stroke[i - 2]!, stroke[i - 1]!, stroke[i]!, stroke[i + 1]!];
        if (x1 < a || x0 > b) continue;
        for (const x of [Math.max(a, x0), Math.min(b, x1)])
          drawn.push(clip(x1 === x0 ? y0 : y0 + ((y1 - y0) * (x - x0)) / (x1 - x0)));
      }
    expect(Math.abs(Math.min(...drawn) - clip(low))).toBeLessThan(unit);
    expect(Math.abs(Math.max(...drawn) - clip(high))).toBeLessThan(unit);
  }
});

test(`bounds hold what the compiled function answers (seed ${SEED})`, () => {
  const texts = [
    'x^3-4x',
    'sin(x)/x',
    'cases(x<1,x^2,x<2,3,x)',
    'x mod 2-floor(x/3)',
    'sum(x^k/k!,k,0,8)',
    'derivative(t^3,t,x)',
    'x!',
    'sqrt(4-x^2)',
    '240+x%',
    'x rad+acot(x)',
    'log(x,3)+root(3,x)',
  ];
  const curves = texts.map(curveOf);
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: curves.length - 1 }),
      fc.double({ min: -5, max: 5, noNaN: true }),
      fc.double({ min: 0, max: 3, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (which, a, w, share) => {
        const { f, bounds, slopes } = curves[which]!;
        const x = Math.min(a + w, a + w * share);
        const [y, within] = [f(x), bounds(interval(a, a + w))];
        if (!Number.isFinite(y)) return within.is === 'partial' || within.is === 'nowhere';
        const isIn = within.low <= y && y <= within.high;
        // The slope by a difference, where nothing breaks between the two.
        const slope = slopes?.(interval(a, a + w));
        const by = (f(x + 1e-6) - f(x - 1e-6)) / 2e-6;
        const isSmooth =
          slope?.is === 'continuous' &&
          bounds(interval(x - 1e-6, x + 1e-6)).is === 'continuous' &&
          x - 1e-6 > a &&
          x + 1e-6 < a + w;
        return (
          isIn &&
          (!isSmooth || (slope.low - 1e-3 - Math.abs(by) * 1e-4 <= by && by <= slope.high + 1e-3 + Math.abs(by) * 1e-4))
        );
      },
    ),
    { seed: SEED, numRuns: 3000 },
  );
});

test.each([
  ['1/(1+10^12*(x-1/3)^2)', 1],
  ['2-3/(1+10^10*(x-sqrt(2))^2)', -1],
])('%s: a spike far narrower than a pixel is drawn to its end at %d', (text, end) => {
  const ys = sample(curveOf(text), PHONE).flatMap((stroke) => stroke.filter((_, i) => i % 2 === 1));
  const reached = end > 0 ? Math.max(...ys) : Math.min(...ys);
  expect(Math.abs(reached - end)).toBeLessThan((PHONE.yTo - PHONE.yFrom) / PHONE.height);
});
