import type { Size, ViewRange } from '@/core/curve/view';
import type { DrawnFunction } from '@/core/notebook/curves';
import { saveFile, savePicture } from '@/platform/files';
import { useStore } from '@/state/app-store';
import { tasks } from '@/state/tasks';
import { curvesRequest } from '@/state/slices/curves/requests';
import { plotSvg } from '@/ui/plot/image';

type Saved = Omit<Parameters<typeof plotSvg>[0], 'drawing' | 'decimalSign'> &
  Readonly<{ name: string; functions: readonly DrawnFunction[]; view: ViewRange; size: Size }>;

/** Offers what is in sight of a plot as a drawing, or as a picture of pixels. */
export async function savePlot(kind: 'svg' | 'png', { name, functions, view, size, ...plot }: Saved): Promise<void> {
  const frame = { ...view, ...size };
  const state = useStore.getState();
  const drawn =
    functions.length === 0 ? null : await tasks.run('draw', { ...curvesRequest(state, functions), frame, view });
  if (drawn === 'superseded' || drawn?.ok === false) return;
  const curves = (drawn?.value ?? []).map(({ id, path }) => ({
    id,
    path,
    look: functions.find((f) => f.id === id)?.style ?? 0,
  }));
  const svg = plotSvg({ ...plot, drawing: { frame, curves }, decimalSign: state.settings.display.decimalSign });
  if (kind === 'svg') saveFile(`${name}.svg`, svg, 'image/svg+xml');
  else await savePicture(`${name}.png`, svg, size.width, size.height, 2);
}
