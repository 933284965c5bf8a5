import type { Problem } from '@/core/base/problem';
import type { Result } from '@/core/base/result';
import type { ShouldContinue } from '@/core/base/should-continue';
import type { Random } from '@/core/function/record';

/**
 * A kind of work that a worker can be asked for. `run` is pure but for chance, ends soon after `shouldContinue` says no,
 * and answers what a user can cause as a problem. Which lane works a kind, and for how long, stands in `lanes.ts`, since
 * the page must know that without loading the work itself.
 */
export type Task<Kind extends string, Request, Value> = Readonly<{
  kind: Kind;
  run: (request: Request, shouldContinue: ShouldContinue, random: Random) => Result<Value, Problem>;
}>;

export const defineTask = <Kind extends string, Request, Value>(
  task: Task<Kind, Request, Value>,
): Task<Kind, Request, Value> => task;

// What a task is asked stands where parameters do, so that only `never` fits every task.
type AnyTask = Task<string, never, unknown>;

/** What can be asked for by kind, and what is answered, told by a list of tasks. */
export type TasksOf<List extends readonly AnyTask[]> = {
  [One in List[number] as One['kind']]: Readonly<{
    request: Parameters<One['run']>[0];
    result: ReturnType<One['run']>;
  }>;
};

type CallOf<List extends readonly AnyTask[]> = {
  [One in List[number] as One['kind']]: Readonly<{ kind: One['kind']; request: Parameters<One['run']>[0] }>;
}[List[number]['kind']];

/** Does whatever of a list of tasks it is called for. */
export function performerOf<const List extends readonly AnyTask[]>(list: List) {
  const byKind = new Map<string, AnyTask>(list.map((task) => [task.kind, task]));
  return (call: CallOf<List>, shouldContinue: ShouldContinue, random: Random): ReturnType<List[number]['run']> => {
    const { kind, request } = call as Readonly<{ kind: string; request: never }>;
    const task = byKind.get(kind);
    if (task === undefined) throw new Error(`no task of the kind ${kind} is worked here`);
    return task.run(request, shouldContinue, random) as ReturnType<List[number]['run']>;
  };
}
