import type { Palette } from '../theme/palette';
import { seriesStyle } from './looks';
import { shapePaths } from './shapes';
import type { PlotShapes } from './shapes';
import { axisTitle, ruled } from './paper';
import type { AxisLook } from './paper';
import type { Drawing, PlotMark } from './Plot';

type Pictured = Readonly<{
  drawing: Drawing;
  x: AxisLook;
  y: AxisLook;
  marks: readonly PlotMark[];
  shapes: PlotShapes | null;
  palette: Palette;
  decimalSign: '.' | ',';
}>;

/** What XML 1.0 (2.2) allows no document to hold, such as control characters, is left out. */
const FORBIDDEN =
  /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g;

const escaped = (text: string): string =>
  text
    .replace(FORBIDDEN, '')
    .replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);

/** The plot as a drawing by itself (SVG 1.1), in the colours that are given. */
export function plotSvg({ drawing, x, y, marks, shapes, palette, decimalSign }: Pictured): string {
  const { frame, curves } = drawing;
  const { width, height, xFrom, xTo, yFrom, yTo } = frame;
  const { fine, main, axes, labels } = ruled(
    frame,
    x,
    y,
    decimalSign,
    {
      left: 0,
      top: 0,
      right: width,
      bottom: height,
    },
    1,
  );
  const line = (d: string, colour: string, size: number, more = ''): string =>
    d === '' ? '' : `<path d="${d}" fill="none" stroke="${colour}" stroke-width="${size}"${more}/>`;
  const written = (at: { x: number; y: number }, text: string, colour: string, anchor: string): string =>
    `<text x="${at.x.toFixed(1)}" y="${at.y.toFixed(1)}" text-anchor="${anchor}" fill="${colour}" stroke="${palette.paper}" stroke-width="4" paint-order="stroke">${escaped(text)}</text>`;
  const drawn = curves.map(({ path, look }) => {
    const { colour, dash, width: size } = seriesStyle(look);
    const pattern = dash === '' ? '' : ` stroke-dasharray="${dash}"`;
    return line(path, palette[colour], size, pattern);
  });
  const shaped = (shapes === null ? [] : shapePaths(shapes, frame)).map(
    ({ d, fill, stroke, width: size, opacity }) =>
      `<path d="${d}" fill="${fill === null ? 'none' : palette[fill]}" fill-opacity="${opacity}" stroke="${stroke === null ? 'none' : palette[stroke]}" stroke-width="${size}" stroke-linecap="round" stroke-linejoin="round"/>`,
  );
  const crosses = marks.map(({ x: atX, y: atY, number }) => {
    const [left, top] = [((atX - xFrom) / (xTo - xFrom)) * width, ((yTo - atY) / (yTo - yFrom)) * height];
    const arms = `M${left - 5} ${top - 5}l10 10m-10 0l10 -10`;
    return line(arms, palette.ink, 1.8) + written({ x: left + 8, y: top - 3 }, String(number), palette.ink, 'start');
  });
  const titles = [`→ ${axisTitle(x)}`, ...(y.labels === null ? [] : [`↑ ${axisTitle(y)}`])].map((title, i) =>
    written({ x: width - 8, y: 18 + 17 * i }, title, palette.ink, 'end'),
  );
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" font-family="sans-serif" font-size="12">`,
    `<rect width="${width}" height="${height}" fill="${palette.paper}"/>`,
    line(fine, palette.grid, 1),
    line(main, palette.rule, 1),
    line(axes, palette.ink, 1.4),
    ...shaped,
    ...drawn,
    ...labels.map((label) => written(label, label.text, palette.muted, label.axis === 'x' ? 'middle' : 'end')),
    ...crosses,
    ...titles,
    '</svg>',
  ].join('');
}
