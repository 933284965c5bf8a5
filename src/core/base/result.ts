/** What can fail because of what a user wrote. Only bugs throw. */
export type Result<T, P> = Readonly<{ ok: true; value: T }> | Readonly<{ ok: false; problem: P }>;

export const succeed = <T>(value: T): { ok: true; value: T } => ({ ok: true, value });
export const fail = <P>(problem: P): { ok: false; problem: P } => ({ ok: false, problem });
