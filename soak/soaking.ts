/** How much is tried: little and always the same in the tests, much and ever new in `npm run soak` (which sets SOAK). */
const { SOAK, SOAK_SEED } = process.env as Readonly<Record<string, string | undefined>>;
const share = Number(SOAK) || 0;

export const soaking = {
  /** A test may take as long as it takes. */
  timeout: share > 0 ? 86_400_000 : 60_000,
  seed: Number(SOAK_SEED) || (share > 0 ? Date.now() % 1_000_000_000 : 20261127),
  actions: share > 0 ? Math.round(1_000_000 * share) : 1500,
  lines: share > 0 ? Math.round(100_000 * share) : 200,
  notebooks: share > 0 ? Math.round(10_000 * share) : 150,
  files: share > 0 ? Math.round(10_000 * share) : 300,
} as const;
