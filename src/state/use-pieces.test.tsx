import { act, renderHook } from '@testing-library/react';
import { succeed } from '@/core/base/result';
import { EMPTY_CURVES } from '@/core/notebook/curves';
import { useTable } from '@/places/curves/use-table';
import { useStore } from './app-store';
import { usePieces } from './use-pieces';

type Call = Readonly<{ request: { rows: { from: number } } & number; resolve: (answer: unknown) => void }>;
const mockCalls: Call[] = [];
jest.mock('./tasks', () => ({
  tasks: {
    run: (_: string, request: Call['request']) => new Promise((resolve) => mockCalls.push({ request, resolve })),
    stop: () => undefined,
  },
}));

const answer = (made: unknown, call = mockCalls.length - 1) =>
  act(async () => {
    mockCalls[call]!.resolve(made);
    await Promise.resolve();
  });

beforeEach(() => {
  mockCalls.length = 0;
});

describe('pieces of work', () => {
  const taken: unknown[] = [];
  const used = () =>
    renderHook(
      ({ basis }: { basis: string }) =>
        usePieces('values', basis, {
          request: (wish: number) => (wish < 0 ? null : (wish as never)),
          take: (wish, made) => taken.push([wish, made]),
        }),
      { initialProps: { basis: 'first' } },
    );
  beforeEach(() => {
    taken.length = 0;
  });
  const asked = () => mockCalls.map(({ request }) => request);

  test('are done one at a time, and of those that wait only the newest', async () => {
    const { result } = used();
    for (const wish of [1, 2, 3]) result.current.ask(wish);
    expect([asked(), result.current.isWaiting()]).toEqual([[1], true]);
    await answer('one');
    expect([asked(), taken, result.current.isWaiting()]).toEqual([[1, 3], [[1, 'one']], false]);
    result.current.ask(-1);
    await answer('three');
    expect([asked(), taken.length]).toEqual([[1, 3], 2]);
  });

  const later = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

  test('are asked for again when other work took their place, unless there is a newer wish', async () => {
    jest.useFakeTimers();
    const { result } = used();
    result.current.ask(1);
    await answer('superseded');
    expect(asked()).toEqual([1]);
    await later(60);
    expect(asked()).toEqual([1, 1]);
    await answer('superseded');
    result.current.ask(2);
    await later(200);
    expect([asked(), taken]).toEqual([[1, 1, 2], []]);
    jest.useRealTimers();
  });

  test('of two screens that ask of one lane are both done, and leave the page its time', async () => {
    jest.useFakeTimers();
    const [one, other] = [used(), used()];
    one.result.current.ask(1);
    other.result.current.ask(2);
    // A lane does one thing at a time: what it is asked takes the place of what it was doing, and takes a while.
    for (let done = 0, at = 0; at < 3000 && taken.length < 2; at += 10) {
      for (; done < mockCalls.length - 1; done += 1) await answer('superseded', done);
      if (done < mockCalls.length && at % 100 === 90) await answer('worked', done++);
      await later(10);
    }
    expect(taken).toHaveLength(2);
    expect(mockCalls.length).toBeLessThan(12);
    jest.useRealTimers();
  });

  test('are not asked for again by a screen that is gone', async () => {
    jest.useFakeTimers();
    const { result, unmount } = used();
    result.current.ask(1);
    unmount();
    await answer('superseded');
    await later(5000);
    expect(asked()).toEqual([1]);
    jest.useRealTimers();
  });

  test('that rest on what has changed are dropped, and so are those of a screen that is gone', async () => {
    const { result, rerender, unmount } = used();
    result.current.ask(1);
    rerender({ basis: 'second' });
    await answer('stale');
    expect(taken).toEqual([]);
    result.current.ask(2);
    unmount();
    await answer('late');
    expect(taken).toEqual([]);
  });
});

test('rows in sight are worked again when a setting changes, wherever the table has been scrolled to', async () => {
  const functions = [{ id: 'f1', name: 'f', text: 'x', style: 0, on: true }];
  act(() =>
    useStore.setState(({ document }) => ({ document: { ...document, curves: { ...EMPTY_CURVES, functions } } })),
  );
  const row = (x: number) => ({ x: `${x}`, at: x, cells: [], problem: null });
  const rowsFrom = (from: number) =>
    succeed({ count: 500, from, rows: Array.from({ length: 60 }, (_, i) => row(from + i)) });
  const { result } = renderHook(() => useTable(functions));
  await answer(rowsFrom(0));
  act(() => result.current.onSeen(300, 320));
  await answer(rowsFrom(285));
  expect(result.current.row(310)).toMatchObject({ at: 310 });
  act(() => useStore.getState().nextAngleUnit());
  await answer(rowsFrom(0));
  expect(result.current.row(310)).toBeNull();
  expect(mockCalls.at(-1)?.request.rows.from).toBe(285);
  await answer(rowsFrom(285));
  expect(result.current.row(310)).toMatchObject({ at: 310 });
});
