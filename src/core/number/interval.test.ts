import fc from 'fast-check';
import { ANYTHING, either, intervalOps, interval, larger, remainder, smaller, stepping } from './interval';
import type { Bounds } from './interval';
import { factorialDouble } from './gamma-double';

const SEED = 20261125;

const kernels: readonly (readonly [string, (a: Bounds, b: Bounds) => Bounds, (x: number, y: number) => number])[] = [
  ['add', intervalOps.add, (x, y) => x + y],
  ['multiply', intervalOps.multiply, (x, y) => x * y],
  ['divide', intervalOps.divide, (x, y) => x / y],
  ['magnitude', intervalOps.magnitude, Math.abs],
  ['square', (a) => intervalOps.wholePower(a, interval(2, 2)), (x) => x * x],
  ['cube', (a) => intervalOps.wholePower(a, interval(3, 3)), (x) => x ** 3],
  ['inverse square', (a) => intervalOps.wholePower(a, interval(-2, -2)), (x) => x ** -2],
  ['square root', (a) => intervalOps.root(a, interval(2, 2)), Math.sqrt],
  ['cube root', (a) => intervalOps.root(a, interval(3, 3)), Math.cbrt],
  ['power', intervalOps.realPower, (x, y) => (x < 0 ? NaN : x ** y)],
  ['exp', intervalOps.exp, Math.exp],
  ['ln', intervalOps.ln, (x) => (x > 0 ? Math.log(x) : NaN)],
  ['sin', intervalOps.sin, Math.sin],
  ['cos', intervalOps.cos, Math.cos],
  ['tan', intervalOps.tan, Math.tan],
  ['arcsin', intervalOps.arcsin, Math.asin],
  ['arccos', intervalOps.arccos, Math.acos],
  ['arctan', intervalOps.arctan, Math.atan],
  ['sinh', intervalOps.sinh, Math.sinh],
  ['cosh', intervalOps.cosh, Math.cosh],
  ['tanh', intervalOps.tanh, Math.tanh],
  ['arsinh', intervalOps.arsinh, Math.asinh],
  ['arcosh', intervalOps.arcosh, Math.acosh],
  ['artanh', intervalOps.artanh, Math.atanh],
  ['gamma', intervalOps.gamma, (x) => factorialDouble(x - 1)],
  ['floor', stepping(Math.floor), Math.floor],
  ['remainder', remainder, (x, y) => x - y * Math.floor(x / y)],
  ['smaller', smaller, Math.min],
  ['larger', larger, Math.max],
];

const part = fc.tuple(fc.double({ min: -8, max: 8, noNaN: true }), fc.double({ min: 0, max: 5, noNaN: true }));
const share = fc.double({ min: 0, max: 1, noNaN: true });

test.each(kernels)(`%s: every value lies within its bounds (seed ${SEED})`, (_, kernel, exact) => {
  fc.assert(
    fc.property(part, part, share, share, ([a, w], [b, v], s, t) => {
      const bounds = kernel(interval(a, a + w), interval(b, b + v));
      const value = exact(Math.min(a + w, a + w * s), Math.min(b + v, b + v * t));
      if (!Number.isFinite(value)) return bounds.is === 'partial' || bounds.is === 'nowhere' || !Number.isNaN(value);
      return bounds.low <= value && value <= bounds.high;
    }),
    { seed: SEED, numRuns: 400 },
  );
});

test.each([
  ['1/x across zero', intervalOps.divide(interval(1, 1), interval(-1, 1)), 'partial'],
  ['1/x beside zero', intervalOps.divide(interval(1, 1), interval(1, 2)), 'continuous'],
  ['√ below zero', intervalOps.root(interval(-2, -1), interval(2, 2)), 'nowhere'],
  ['√ across zero', intervalOps.root(interval(-2, 1), interval(2, 2)), 'partial'],
  ['tan across its pole', intervalOps.tan(interval(1, 2)), 'partial'],
  ['a step inside', stepping(Math.floor)(interval(0.5, 1.5)), 'defined'],
  ['no step inside', stepping(Math.floor)(interval(0.5, 0.75)), 'continuous'],
  ['one of two', either(interval(0, 1), interval(2, 3)), 'defined'],
  ['one of two, of which one has no value', either(interval(0, 1), ANYTHING), 'partial'],
] as const)('%s is %j', (_, bounds, is) => expect(bounds.is).toBe(is));
