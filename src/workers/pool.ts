import { createLane } from './lane';
import type { Lane, OnShare, TaskAnswer, WorkerLike } from './lane';
import { homeOf, lanes } from './lanes';
import type { LaneId, LaneOf, WorkerName } from './lanes';
import type { TaskKind, Tasks } from './tasks';

/** All that can be asked of workers. */
export type Pool = Readonly<{
  /** Does a piece of work, in the lane that is named or in the first that works its kind. */
  run: <K extends TaskKind>(
    kind: K,
    request: Tasks[K]['request'],
    lane?: LaneOf<K>,
    onShare?: OnShare,
  ) => Promise<TaskAnswer<K>>;
  /** Ends what a lane is working on; it is answered as stopped. */
  stop: (lane: LaneId) => void;
}>;

/** A pool whose lanes begin their workers when they are first asked. */
export function createPool(spawn: Readonly<Record<WorkerName, () => WorkerLike>>): Pool {
  const begun = new Map<LaneId, Lane>();
  const laneNamed = (id: LaneId): Lane => {
    const before = begun.get(id);
    if (before !== undefined) return before;
    const record = lanes[id];
    const result = createLane(spawn[record.worker], 'budget' in record ? record.budget : undefined);
    begun.set(id, result);
    return result;
  };
  return {
    run: (kind, request, lane, onShare) => laneNamed(lane ?? homeOf(kind)).run(kind, request, onShare),
    stop: (id) => begun.get(id)?.stop(),
  };
}
