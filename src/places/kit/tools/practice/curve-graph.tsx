import type { AngleUnit } from '@/core/base/angle';
import type { Size, ViewRange } from '@/core/curve/view';
import { useStore } from '@/state/app-store';
import { kitRequest } from '@/state/slices/kit/requests';
import type { State } from '@/state/slices/state';
import { tasks } from '@/state/tasks';
import { PlotPicture } from '@/ui/plot/Picture';
import type { Drawing } from '@/ui/plot/Picture';
import { svgText } from '@/ui/plot/svg-text';
import { light } from '@/ui/theme/palette';

/* The graph of a function that an exercise asks to read, on squared paper: the same squares in both directions. */

/** As far as the paper reaches up and down; its squares are whole numbers. */
export const REACH = 6;
const POINTS = 241;
export const AXES = {
  x: { name: 'x', unit: '', ticks: 'decimal' },
  y: { name: 'y', unit: '', ticks: 'decimal' },
} as const;

/**
 * What the points of a graph are asked with; as wide as any screen shows it. `angle`: the unit of its angles; null for the
 * one that is set.
 */
export const graphRequest = (state: Pick<State, 'document' | 'settings'>, curve: string, angle: AngleUnit | null) => ({
  ...kitRequest(state, [curve], ['x']),
  ...(angle === null ? {} : { angle }),
  curve,
  from: -REACH * 2,
  to: REACH * 2,
  count: POINTS,
});

export function graphView({ width, height }: Size): ViewRange {
  const half = (REACH * width) / height;
  return { xFrom: -half, xTo: half, yFrom: -REACH, yTo: REACH };
}

/** Points joined where there are any; what is far outside is not drawn. */
export function graphDrawing(points: readonly (readonly [number, number | null])[], size: Size): Drawing {
  const view = graphView(size);
  const { width, height } = size;
  const places = points.map(([x, y]) =>
    y === null || Math.abs(y) > 4 * REACH
      ? null
      : `${(((x - view.xFrom) / (view.xTo - view.xFrom)) * width).toFixed(1)} ${(((REACH - y) / (2 * REACH)) * height).toFixed(1)}`,
  );
  const path = places
    .map((place, i) => (place === null ? '' : `${i === 0 || places[i - 1] === null ? 'M' : 'L'}${place}`))
    .join('');
  return { frame: { ...view, ...size }, curves: [{ id: 'graph', path, look: 0 }] };
}

const ON_PAPER: Size = { width: 480, height: 270 };

/** The graph as the text of an SVG for paper; null where it could not be drawn. */
async function graphSvg(curve: string, angle: AngleUnit | null): Promise<string | null> {
  const state = useStore.getState();
  const result = await tasks.run('trace', graphRequest(state, curve, angle), 'exercises');
  if (result === 'superseded' || !result.ok) return null;
  const paper = { ...light, paper: '#ffffff' };
  const picture = (
    <PlotPicture
      {...AXES}
      drawing={graphDrawing(result.value, ON_PAPER)}
      decimalSign={state.settings.display.decimalSign}
      numbered={[]}
      shown={null}
      large={1}
      palette={paper}
    />
  );
  return svgText(picture, paper.paper);
}

/** The graphs of several exercises for paper, one after another; null for each that has none. */
export async function graphsOnPaper(
  curves: readonly string[],
  angle: AngleUnit | null,
): Promise<readonly (string | null)[]> {
  const result: (string | null)[] = [];
  for (const curve of curves) result.push(curve === '' ? null : await graphSvg(curve, angle));
  return result;
}
