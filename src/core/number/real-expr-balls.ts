import type { ShouldContinue } from '../base/should-continue';
import { toBall } from './approximate';
import * as ball from './ball';
import type { Ball } from './ball';
import type { RealExpr } from './real-expr';
import { isBall, realOps } from './real-ops';
import type { Argument, BallAnswer } from './real-ops';

/** The value of an expression for all points of a ball, worked to about `bits` bits. */
export type BallFunction = (x: Ball, bits: number) => BallAnswer;

/** An expression made ready to be worked at many balls: constants are kept at the sharpest they were asked for. */
export function ballFunction(part: RealExpr, shouldContinue: ShouldContinue): BallFunction {
  let x = ball.exactly(0n);
  const ready = (of: RealExpr): Argument => {
    switch (of.kind) {
      case 'variable':
        return () => x;
      case 'value': {
        let known: BallAnswer | null = null;
        let sharpness = 0;
        return (bits) => {
          if (known === null || bits > sharpness) {
            known = toBall(of.value, bits, shouldContinue);
            sharpness = bits;
          }
          return known;
        };
      }
      case 'op': {
        const args = of.args.map(ready);
        const kernel = realOps[of.op];
        return (bits) => kernel(args, bits);
      }
    }
  };
  const work = ready(part);
  return (at, bits) => {
    x = at;
    return work(bits);
  };
}

/** The same where it must come out: null when it does not, even with more bits. */
export function sharpBall(f: BallFunction, x: Ball, bits: number): Ball | null {
  for (const more of [1, 2, 4]) {
    const answer = f(x, bits * more);
    if (isBall(answer)) return answer;
    if (answer !== 'too-wide') return null;
  }
  return null;
}
