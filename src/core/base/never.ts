/** Reached only by a bug: a kind that a switch forgot. The parameter makes forgetting one a compile error. */
export function assertNever(value: never): never {
  throw new Error(`unhandled case: ${JSON.stringify(value)}`);
}
