import type { Value } from '@/core/number/value';
import { performLine } from './tasks/lines';
import type { LineRequest } from './answer';
import { createLane } from './lane';
import type { WorkerLike } from './lane';
import type { FromWorker, ToWorker } from './protocol';

const request = (text: string): LineRequest => ({
  text,
  angle: 'rad',
  impliedFirst: false,
  complex: false,
  bases: false,
  word: 'signed32',
  display: { mode: 'auto', digits: 10, grouping: false, decimalSign: '.' },
  ans: null,
  letters: new Map<string, Value>(),
  slots: new Map(),
  total: null,
  tries: {},
  namesDecimals: false,
});

/** A worker in this thread: deaf ones never answer. */
function fakeWorker(isDeaf: boolean) {
  const log: ToWorker[] = [];
  const worker: WorkerLike & { isEnded: boolean } = {
    onmessage: null,
    onerror: null,
    isEnded: false,
    terminate: () => void (worker.isEnded = true),
    postMessage: (message) => {
      log.push(message);
      if (message.type !== 'work' || isDeaf) return;
      const data: FromWorker = {
        type: 'answer',
        id: message.id,
        result: performLine(
          message.work as Parameters<typeof performLine>[0],
          () => true,
          () => 0n,
        ),
      };
      queueMicrotask(() => worker.onmessage?.({ data } as MessageEvent<FromWorker>));
    },
  };
  return { worker, log };
}

test('a newer line supersedes an older one, and shared memory says which is the newest', async () => {
  const { worker, log } = fakeWorker(false);
  const client = createLane(() => worker);
  const [first, second] = await Promise.all([
    client.run('answer', request('1+1')),
    client.run('answer', request('1+2')),
  ]);
  expect(first).toBe('superseded');
  expect(second !== 'superseded' && second.ok && second.value.forms[0]!.text).toBe('3');
  const [share] = log;
  expect(share?.type === 'share' && new Int32Array(share.newest)[0]).toBe(2);
});

test('the share that is done is told while the work is wanted', async () => {
  const { worker } = fakeWorker(true);
  const shares: number[] = [];
  const client = createLane(() => worker);
  const told = (id: number, share: number) =>
    worker.onmessage?.({ data: { type: 'progress', id, share } } as MessageEvent<FromWorker>);
  const first = client.run('answer', request('1+1'), (share) => shares.push(share));
  told(1, 0.25);
  told(7, 0.5);
  void client.run('answer', request('1+2'));
  told(1, 0.75);
  expect([await first, shares]).toEqual(['superseded', [0.25]]);
  client.stop();
});

test('a deaf worker is ended, its line is stopped, and the next line has a new one', async () => {
  jest.useFakeTimers();
  const deaf = fakeWorker(true);
  const fine = fakeWorker(false);
  const workers = [deaf.worker, fine.worker];
  const client = createLane(() => workers.shift()!);
  const answered = client.run('answer', request('1+1'));
  jest.advanceTimersByTime(30_000);
  // The next one is begun at once, so that the next line does not wait for it.
  expect(workers).toEqual([]);
  jest.useRealTimers();
  const first = await answered;
  expect(first !== 'superseded' && !first.ok && first.problem.code).toBe('stopped');
  expect(deaf.worker.isEnded).toBe(true);
  const second = await client.run('answer', request('2+2'));
  expect(second !== 'superseded' && second.ok && second.value.forms[0]!.text).toBe('4');
});

test('a worker that is still being loaded is not begun anew for newer work', async () => {
  jest.useFakeTimers();
  const { worker, log } = fakeWorker(true);
  const client = createLane(() => worker);
  const tell = (data: FromWorker) => worker.onmessage?.({ data } as MessageEvent<FromWorker>);
  const answers = [client.run('answer', request('1+1')), client.run('answer', request('1+2'))];
  jest.advanceTimersByTime(5000);
  expect(worker.isEnded).toBe(false);
  tell({ type: 'ready' });
  // Once it is there it has to hear of the newer work in time.
  jest.advanceTimersByTime(200);
  tell({ type: 'answer', id: 1, result: { ok: false, problem: { code: 'stopped', at: { from: 0, to: 0 } } } });
  expect(log.at(-1)).toMatchObject({ type: 'work', id: 2 });
  jest.advanceTimersByTime(30_000);
  expect(worker.isEnded).toBe(true);
  jest.useRealTimers();
  expect(await Promise.all(answers)).toMatchObject(['superseded', { ok: false, problem: { code: 'stopped' } }]);
});

test('stop ends the work that is under way', async () => {
  const { worker } = fakeWorker(true);
  const client = createLane(() => worker);
  const answered = client.run('answer', request('1+1'));
  client.stop();
  const result = await answered;
  expect(result !== 'superseded' && !result.ok && result.problem.code).toBe('stopped');
});

/** A worker that fails when it is given work, before or after it has said that it is there. */
function broken(isLoaded: boolean): WorkerLike {
  const worker: WorkerLike = {
    onmessage: null,
    onerror: null,
    terminate: () => undefined,
    postMessage: (message) => {
      if (message.type !== 'work') return;
      queueMicrotask(() => {
        if (isLoaded) worker.onmessage?.({ data: { type: 'ready' } } as MessageEvent<FromWorker>);
        worker.onerror?.({ preventDefault: () => undefined } as ErrorEvent);
      });
    },
  };
  return worker;
}

test.each([
  [true, 'bug'],
  [false, 'not-loaded'],
])(
  'a worker that fails (loaded: %s) is told as such at once, and the next line has a new one',
  async (isLoaded, reason) => {
    const workers = [broken(isLoaded), fakeWorker(false).worker];
    const client = createLane(() => workers.shift()!);
    const first = await client.run('answer', request('1+1'));
    expect(first !== 'superseded' && !first.ok && first.problem).toMatchObject({ code: 'internal', reason });
    const second = await client.run('answer', request('2+2'));
    expect(second !== 'superseded' && second.ok && second.value.forms[0]!.text).toBe('4');
  },
);

test.each([[true], [false]])('newer work does not wait for a deaf worker (shared memory: %s)', async (isShared) => {
  const memory = globalThis.SharedArrayBuffer;
  if (!isShared) globalThis.SharedArrayBuffer = undefined as never;
  try {
    const deaf = fakeWorker(true);
    const workers = [deaf.worker, fakeWorker(false).worker];
    const client = createLane(() => workers.shift()!);
    const first = client.run('answer', request('9^9'));
    deaf.worker.onmessage?.({ data: { type: 'ready' } } as MessageEvent<FromWorker>);
    const second = await client.run('answer', request('2+3'));
    expect(await first).toBe('superseded');
    expect(deaf.worker.isEnded).toBe(true);
    expect(second !== 'superseded' && second.ok && second.value.forms[0]!.text).toBe('5');
  } finally {
    globalThis.SharedArrayBuffer = memory;
  }
});

test('what was stopped while the page stood still is asked once more by itself', async () => {
  jest.useFakeTimers();
  const workers = [fakeWorker(true), fakeWorker(false)];
  let started = 0;
  const client = createLane(() => {
    const { worker } = workers[started]!;
    started += 1;
    return worker;
  });
  const answer = client.run('answer', request('2+2'));
  workers[0]!.worker.onmessage?.({ data: { type: 'ready' } } as MessageEvent<FromWorker>);
  // The machine sleeps: all that time is one tick, so that nothing is ended by it.
  const now = Date.now();
  const clock = jest.spyOn(Date, 'now').mockReturnValue(now + 60_000);
  jest.advanceTimersByTime(100);
  expect(workers[0]!.worker.isEnded).toBe(false);
  for (let tick = 0; tick < 100 && !workers[0]!.worker.isEnded; tick += 1) jest.advanceTimersByTime(50);
  const result = await answer;
  expect(workers[0]!.worker.isEnded).toBe(true);
  expect(result !== 'superseded' && result.ok && result.value.forms[0]!.text).toBe('4');
  clock.mockRestore();
  jest.useRealTimers();
});
