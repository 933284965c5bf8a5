/** Random bytes from outside: the core has no chance of its own. */
export type RandomBytes = (count: number) => Uint8Array;

/** A whole number from 0 up to, but not, `below`, each as likely as the others: bytes that would favour some are thrown away. */
export function drawBelow(below: bigint, bytes: RandomBytes): bigint {
  const bits = below.toString(2).length;
  const count = Math.ceil(bits / 8);
  for (;;) {
    let n = 0n;
    for (const byte of bytes(count)) n = (n << 8n) | BigInt(byte);
    n &= (1n << BigInt(bits)) - 1n;
    if (n < below) return n;
  }
}
