import type { Level, SeriesId } from '@/core/practice/exercise';
import { begun } from '@/core/practice/run';
import type { Run } from '@/core/practice/run';
import { tasks } from '@/state/tasks';

/** A run of exercises of a series, drawn from a seed; null where another was asked for meanwhile. */
export async function drawnRun(series: SeriesId, level: string, count: number, seed: string): Promise<Run | null> {
  const result = await tasks.run('exercises', { series, level: Number(level) as Level, count, seed });
  if (result === 'superseded' || !result.ok) return null;
  return begun(result.value.map((exercise) => ({ ...exercise, topic: series })));
}
