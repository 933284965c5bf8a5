import type { TaskKind } from './tasks';

/** The worker files, each loaded when a lane of it is first asked. */
export type WorkerName = 'lines' | 'curves' | 'columns' | 'kit';

type LaneRecord = Readonly<{ worker: WorkerName; works: readonly TaskKind[]; budget?: number }>;

/** A search or a fit that takes longer than that says so, and can be stopped meanwhile. */
const POINTS_BUDGET_MS = 8000;
const PANEL_BUDGET_MS = 20_000;

/**
 * A lane is one worker that does one piece of work at a time, where newer work takes the place of older. So what is in
 * sight together stands in lanes of its own. `works`: the kinds that can be asked of it; a kind that no lane is named
 * for goes to the first that works it. `budget`: milliseconds for a piece of work.
 */
export const lanes = {
  /** The line being written. */
  line: { worker: 'lines', works: ['answer'] },
  /** Operations that keys wait for: nothing newer comes before they are done. */
  keyed: { worker: 'lines', works: ['work'] },
  /** Values in sight outside the tape, in their forms. */
  forms: { worker: 'lines', works: ['forms'] },
  /** What is opened beside the line. */
  panel: { worker: 'lines', works: ['steps', 'angles', 'tries', 'answer'] },
  /** What solves a line, which can stand beside values that are tried for its other letters. */
  solving: { worker: 'lines', works: ['solve'], budget: POINTS_BUDGET_MS },
  drawing: { worker: 'curves', works: ['draw'] },
  points: { worker: 'curves', works: ['points'], budget: POINTS_BUDGET_MS },
  values: { worker: 'curves', works: ['values'] },
  /** All rows of a table, to be taken along, which what is in sight does not supersede. */
  allValues: { worker: 'curves', works: ['values'] },
  follow: { worker: 'curves', works: ['follow'] },
  cells: { worker: 'columns', works: ['cells'] },
  preview: { worker: 'columns', works: ['preview'] },
  /** Columns that are worked from others. */
  rules: { worker: 'columns', works: ['rules'], budget: PANEL_BUDGET_MS },
  /** What the panel beside a table shows. */
  analysis: { worker: 'columns', works: ['summary', 'chart', 'fit', 'several'], budget: PANEL_BUDGET_MS },
  /** Points of columns that lie under the curves. */
  shownPoints: { worker: 'columns', works: ['chart'] },
  /** What is done with a table while its panel stays in sight. */
  table: {
    worker: 'columns',
    works: ['order', 'delimited', 'decimals', 'fit', 'filledColumn', 'compare'],
    budget: PANEL_BUDGET_MS,
  },
  /** What the tool in sight shows. */
  tool: {
    worker: 'kit',
    works: [
      'results',
      'system',
      'polynomial',
      'pairs',
      'loan',
      'test',
      'draws',
      'slips',
      'mark',
      'sheetKey',
      'sheetResults',
    ],
    budget: PANEL_BUDGET_MS,
  },
  /** Exercises that are drawn, and a graph that is to be read, beside an answer that is marked. */
  exercises: { worker: 'kit', works: ['exercises', 'trace'] },
  /** A picture beside results that are worked apart from it. */
  sketch: { worker: 'kit', works: ['chance'], budget: PANEL_BUDGET_MS },
  /** A table that is filled while what the tool shows stays in sight. */
  fill: { worker: 'kit', works: ['fill'] },
} as const satisfies Readonly<Record<string, LaneRecord>>;

export type LaneId = keyof typeof lanes;

/** The lanes that work a kind. */
export type LaneOf<K extends TaskKind> = {
  [L in LaneId]: K extends (typeof lanes)[L]['works'][number] ? L : never;
}[LaneId];

const laneIds = Object.keys(lanes) as LaneId[];

/** The lane for work of a kind that does not name one. */
export function homeOf(kind: TaskKind): LaneId {
  const home = laneIds.find((id) => (lanes[id].works as readonly TaskKind[]).includes(kind));
  if (home === undefined) throw new Error(`no lane works the kind ${kind}`);
  return home;
}
