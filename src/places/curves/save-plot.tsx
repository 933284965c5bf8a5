import type { ComponentProps, ReactElement } from 'react';
import type { Size, ViewRange } from '@/core/curve/view';
import type { DrawnFunction } from '@/core/notebook/curves';
import { saveFile, savePicture } from '@/platform/files';
import { useStore } from '@/state/app-store';
import { tasks } from '@/state/tasks';
import { curvesRequest } from '@/state/slices/curves/requests';
import { PlotPicture } from '@/ui/plot/Picture';
import { svgText } from '@/ui/plot/svg-text';

export type PictureKind = 'svg' | 'png';

/** Offers a drawing as SVG, or as a picture of pixels, two for each of its own. */
export async function saveDrawing(
  kind: PictureKind,
  name: string,
  drawing: ReactElement,
  ground: string,
  size: Size,
): Promise<void> {
  const svg = svgText(drawing, ground);
  if (kind === 'svg') saveFile(`${name}.svg`, svg, 'image/svg+xml');
  else await savePicture(`${name}.png`, svg, size.width, size.height, 2);
}

type Plotted = Omit<ComponentProps<typeof PlotPicture>, 'drawing' | 'decimalSign' | 'large'> &
  Readonly<{ functions: readonly DrawnFunction[]; view: ViewRange; size: Size }>;

/** What is in sight of a plot as a picture; null when its curves were not drawn. */
async function pictured({ functions, view, size, ...plot }: Plotted): Promise<ReactElement | null> {
  const frame = { ...view, ...size };
  const state = useStore.getState();
  const drawn =
    functions.length === 0 ? null : await tasks.run('draw', { ...curvesRequest(state, functions), frame, view });
  if (drawn === 'superseded' || drawn?.ok === false) return null;
  const curves = (drawn?.value ?? []).map(({ id, path }) => ({
    id,
    path,
    look: functions.find((f) => f.id === id)?.style ?? 0,
  }));
  const { decimalSign } = state.settings.display;
  return <PlotPicture {...plot} drawing={{ frame, curves }} decimalSign={decimalSign} large={1} />;
}

/** Offers what is in sight of a plot as a drawing, or as a picture of pixels. */
export async function savePlot(
  kind: PictureKind,
  { name, ...plotted }: Plotted & Readonly<{ name: string }>,
): Promise<void> {
  const picture = await pictured(plotted);
  if (picture !== null) await saveDrawing(kind, name, picture, plotted.palette.paper, plotted.size);
}

/** The same as the text of an SVG; null when its curves were not drawn. */
export async function plotSvg(plotted: Plotted): Promise<string | null> {
  const picture = await pictured(plotted);
  return picture === null ? null : svgText(picture, plotted.palette.paper);
}
