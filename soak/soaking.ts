/** How much is tried: little and always the same in the tests, much and ever new in `npm run soak` (which sets SOAK). */
const { SOAK, SOAK_SEED } = process.env as Readonly<Record<string, string | undefined>>;
const share = Number(SOAK) || 0;

export const soaking = {
  /** A test may take as long as it takes. */
  timeout: share > 0 ? 86_400_000 : 60_000,
  seed: Number(SOAK_SEED) || (share > 0 ? Date.now() % 1_000_000_000 : 20261127),
  actions: share > 0 ? Math.round(1_000_000 * share) : 1500,
  undone: share > 0 ? Math.round(20_000 * share) : 1500,
  lines: share > 0 ? Math.round(100_000 * share) : 200,
  notebooks: share > 0 ? Math.round(10_000 * share) : 150,
  files: share > 0 ? Math.round(10_000 * share) : 300,
} as const;

let told = performance.now();

/** Says once a minute how far a long run is, as jest tells nothing before a file has come to its end. */
export function progress(what: string, done: number, of: number): void {
  if (share === 0 || performance.now() - told < 60_000) return;
  told = performance.now();
  process.stderr.write(`${new Date().toISOString().slice(11, 19)} ${what}: ${done} of ${of}\n`);
}
