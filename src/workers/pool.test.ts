import type { WorkerLike } from './lane';
import { homeOf, lanes } from './lanes';
import type { LaneId, WorkerName } from './lanes';
import { createPool } from './pool';
import { createColumnTasks } from './tasks/columns';
import { createCurveTasks } from './tasks/curves';
import { kitTasks } from './tasks/kit';
import { lineTasks } from './tasks/lines';

const silent = (): WorkerLike => ({
  onmessage: null,
  onerror: null,
  terminate: () => undefined,
  postMessage: () => undefined,
});

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('a lane begins its worker when it is first asked, and keeps it', () => {
  const begun: WorkerName[] = [];
  const spawning = (name: WorkerName) => () => {
    begun.push(name);
    return silent();
  };
  const pool = createPool({
    lines: spawning('lines'),
    curves: spawning('curves'),
    columns: spawning('columns'),
    kit: spawning('kit'),
  });
  pool.stop('line');
  expect(begun).toEqual([]);
  void pool.run('answer', {} as never);
  void pool.run('answer', {} as never);
  expect(begun).toEqual(['lines']);
  void pool.run('answer', {} as never, 'panel');
  void pool.run('values', {} as never);
  void pool.run('chart', {} as never, 'shownPoints');
  expect(begun).toEqual(['lines', 'lines', 'curves', 'columns']);
});

test('every kind of work has a lane, and each lane works what its worker can', () => {
  const inWorker = {
    lines: lineTasks,
    curves: createCurveTasks(),
    columns: createColumnTasks(),
    kit: kitTasks,
  } as const;
  for (const id of Object.keys(lanes) as LaneId[]) {
    const kinds = inWorker[lanes[id].worker].map(({ kind }) => kind as string);
    expect([id, lanes[id].works.filter((kind) => !kinds.includes(kind))]).toEqual([id, []]);
  }
  for (const { kind } of Object.values(inWorker).flat()) expect(lanes[homeOf(kind)].works).toContain(kind);
});
