import { act, renderHook } from '@testing-library/react';
import { fail, succeed } from '@/core/base/result';
import { requestOf } from '@/state/slices/bench/live';
import { useStore } from './app-store';
import { useRequest, useTask } from './use-task';

type Call = Readonly<{ request: { text: string }; resolve: (result: unknown) => void }>;
const mockCalls: Call[] = [];
const mockStopped: string[] = [];
jest.mock('./tasks', () => ({
  tasks: {
    run: (_: string, request: Call['request']) => new Promise((resolve) => mockCalls.push({ request, resolve })),
    stop: (lane: string) => mockStopped.push(lane),
  },
}));

const used = () =>
  renderHook(() => {
    const request = useRequest((state) => (state.document.line.kind === 'typed' ? null : requestOf(state)));
    return useTask('steps', request);
  });
const type = (text: string) => act(() => useStore.getState().retype(text, text.length, text.length));
const answer = async (result: unknown) => {
  await act(async () => {
    mockCalls.at(-1)!.resolve(result);
    await Promise.resolve();
  });
};

beforeEach(() => {
  mockCalls.length = 0;
  mockStopped.length = 0;
  jest.useFakeTimers();
  type('1+1');
});
afterEach(() => jest.useRealTimers());

test('work is asked once, is slow after a while, and is done with its value', async () => {
  const { result } = used();
  expect(result.current).toMatchObject({ state: 'working', value: null, isStale: false });
  act(() => jest.advanceTimersByTime(400));
  expect(result.current.state).toBe('slow');
  await answer(succeed('two'));
  expect(result.current).toMatchObject({ state: 'done', value: 'two', problem: null, isStale: false });
  // What the question does not depend on asks nothing anew.
  act(() => useStore.getState().openDrawer('angles'));
  expect(mockCalls).toHaveLength(1);
});

test('a newer request keeps the old value as stale, and an answer to the older one changes nothing', async () => {
  const { result } = used();
  await answer(succeed('two'));
  type('1+2');
  expect(result.current).toMatchObject({ state: 'working', value: 'two', isStale: true });
  const older = mockCalls.at(-1)!;
  type('1+3');
  await act(async () => {
    older.resolve(succeed('three'));
    await Promise.resolve();
  });
  expect(result.current).toMatchObject({ state: 'working', value: 'two', isStale: true });
  await answer(succeed('four'));
  expect(result.current).toMatchObject({ state: 'done', value: 'four', isStale: false });
});

test('a problem is told, the older value beside it is stale, and stop goes to the lane of the work', async () => {
  const { result } = used();
  await answer(succeed('two'));
  type('1+');
  const problem = { code: 'stopped', at: { from: 0, to: 2 } };
  await answer(fail(problem));
  expect(result.current).toMatchObject({ state: 'problem', value: 'two', problem, isStale: true });
  result.current.stop();
  expect(mockStopped).toEqual(['panel']);
});

test('nothing is asked for no request, and what there was is gone', async () => {
  const { result } = used();
  await answer(succeed('two'));
  act(() => useStore.getState().set({ view: 'typed' }));
  expect(result.current).toMatchObject({ state: 'idle', value: null, problem: null, isStale: false });
  act(() => useStore.getState().set({ view: 'boxed' }));
  expect(result.current).toMatchObject({ state: 'working', value: null });
});
