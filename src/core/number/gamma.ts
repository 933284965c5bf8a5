import * as ball from './ball';
import type { Ball } from './ball';
import { pi } from './constants';
import { circular, exp } from './elementary';
import { lnGammaLarge, raisedForStirling } from './log-gamma';

/** Above this, Γ exceeds 10^1 000 000. */
const LARGEST_ARGUMENT_BITS = 18;

/**
 * Γ(x) for real x other than 0, −1, −2, …: x > 0 is raised above bits/5 by Γ(x) = Γ(x+N)/(x(x+1)…(x+N−1));
 * below 1/2, Γ(x) = π/(sin πx · Γ(1−x)) (DLMF 5.5.3).
 */
export function gamma(x: Ball, bits: number): Ball | null | 'too-large' {
  if (ball.upperSize(x) > LARGEST_ARGUMENT_BITS) return 'too-large';
  const work = bits + 24;
  if (x.mid < 0n || ball.upperSize(x) < -1) {
    const circle = pi(work + 32);
    const sine = circular(ball.multiply(circle, x, work + 32), 'sin', work);
    const other = gamma(ball.subtract(ball.exactly(1n), x, work), work);
    if (sine === null || other === null || other === 'too-large') return other === 'too-large' ? other : null;
    return ball.divide(circle, ball.multiply(sine, other, work), bits);
  }
  const raised = raisedForStirling(x, work);
  if (raised === null) return null;
  const log = lnGammaLarge(raised.z, work);
  if (log === null) return null;
  const top = exp(log, work);
  return top === null || top === 'too-large' ? top : ball.divide(top, raised.product, bits);
}
