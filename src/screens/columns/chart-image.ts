import type { Size, ViewRange } from '@/core/curve/view';
import type { DrawnFunction } from '@/core/notebook/curves';
import { saveFile, savePicture } from '@/platform/files';
import { useStore } from '@/state/app-store';
import { curveWork } from '@/state/curve-work';
import { curvesRequest } from '@/state/curves';
import { plotSvg } from '@/ui/plot/image';
import type { Palette } from '@/ui/theme/palette';
import type { ChartDrawing } from './ChartPlot';

/** Offers a chart as a drawing or as a picture of pixels, as it is in sight. */
export async function saveChart(
  kind: 'svg' | 'png',
  name: string,
  drawing: ChartDrawing,
  functions: readonly DrawnFunction[],
  { view, size }: Readonly<{ view: ViewRange; size: Size }>,
  palette: Palette,
): Promise<void> {
  const frame = { ...view, ...size };
  const state = useStore.getState();
  const drawn =
    functions.length === 0 ? null : await curveWork.draw({ ...curvesRequest(state, functions), frame, view });
  const curves = drawn === null || drawn === 'superseded' || !drawn.ok ? [] : drawn.value;
  const svg = plotSvg({
    drawing: {
      frame,
      curves: curves.map(({ id, path }) => ({ id, path, look: functions.find((f) => f.id === id)?.look ?? 0 })),
    },
    x: drawing.x,
    y: drawing.y,
    marks: [],
    shapes: { ...drawing.shapes, chosen: null },
    palette,
    decimalSign: state.settings.display.decimalSign,
  });
  if (kind === 'svg') saveFile(`${name}.svg`, svg, 'image/svg+xml');
  else await savePicture(`${name}.png`, svg, size.width, size.height, 2);
}
