import { kitRequest } from '@/state/slices/kit/requests';
import type { ResultView } from '@/state/slices/kit/requests';
import { useRequest, useTask } from '@/state/use-task';
import type { TaskState } from '@/state/use-task';
import type { Table } from './table';

const NONE = {};

/** What typed texts come to, in which letters may stand for tables; nothing is asked while there is no text. */
export function useResults(
  texts: readonly string[],
  tables: Readonly<Record<string, Table>>,
  /** What is to be otherwise than it is set, such as complex numbers for directions, which are told by their argument. */
  own: Partial<Pick<ReturnType<typeof kitRequest>, 'complex' | 'bases'>> = NONE,
): TaskState<readonly ResultView[]> {
  const request = useRequest((state) =>
    texts.length === 0
      ? null
      : {
          ...kitRequest(state, [...texts, ...Object.values(tables).flat(2)], Object.keys(tables)),
          ...own,
          texts,
          tables,
        },
  );
  return useTask('results', request);
}
