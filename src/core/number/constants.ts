import type { Ball } from './ball';

/** Sum of ±1/((2i+1)·k^(2i+1)) in units of 2^−scale: atan(1/k) with alternating signs, atanh(1/k) without. Error below 2 units a term. */
function inverseSeries(k: bigint, scale: number, alternating: boolean): { sum: bigint; terms: number } {
  const square = k * k;
  let power = (1n << BigInt(scale)) / k;
  let sum = 0n;
  let terms = 0;
  for (let i = 0n; power > 0n; i += 1n) {
    const term = power / (2n * i + 1n);
    sum += alternating && (i & 1n) === 1n ? -term : term;
    power /= square;
    terms += 1;
  }
  return { sum, terms };
}

type Formula = readonly Readonly<{ times: bigint; k: bigint }>[];

/** A weighted sum of such series as a ball with 32 guard bits, which outweigh any count of terms that fits in memory. */
function fromSeries(formula: Formula, bits: number, alternating: boolean): Ball {
  const scale = bits + 32;
  let mid = 0n;
  let rad = 0n;
  for (const { times, k } of formula) {
    const { sum, terms } = inverseSeries(k, scale, alternating);
    mid += times * sum;
    rad += (times < 0n ? -times : times) * BigInt(2 * terms + 2);
  }
  return { mid: mid >> 32n, rad: (rad >> 32n) + 2n, exp: -bits };
}

/** Keeps the sharpest ball computed so far; a memo, so it changes no answer beyond its width. */
function remembered(compute: (bits: number) => Ball): (bits: number) => Ball {
  let best = compute(256);
  return (bits) => {
    if (-best.exp < bits) best = compute(bits + (bits >> 2));
    const drop = BigInt(-best.exp - bits);
    return drop === 0n ? best : { mid: best.mid >> drop, rad: (best.rad >> drop) + 2n, exp: -bits };
  };
}

/** π = 16·atan(1/5) − 4·atan(1/239) (J. Machin, 1706; DLMF 4.24 gives the series), to 2^−bits within 4 units. */
export const pi = remembered((bits) =>
  fromSeries(
    [
      { times: 16n, k: 5n },
      { times: -4n, k: 239n },
    ],
    bits,
    true,
  ),
);

/** ln 2 = 18·atanh(1/26) − 2·atanh(1/4801) + 8·atanh(1/8749), to 2^−bits within 4 units. Checked against a library in the tests. */
export const ln2 = remembered((bits) =>
  fromSeries(
    [
      { times: 18n, k: 26n },
      { times: -2n, k: 4801n },
      { times: 8n, k: 8749n },
    ],
    bits,
    false,
  ),
);
