import type { Palette } from '../theme/palette';

/** How the bars, or the part, of a group are filled. */
export type GroupLook = Readonly<{ fill: string; opacity: number }>;

const COLOURS = [
  'curve1',
  'curve2',
  'curve3',
  'curve4',
  'curve5',
  'curve6',
  'curve7',
  'curve8',
] as const satisfies readonly (keyof Palette)[];
/** When the colours begin again, they do so lighter. */
const OPACITIES = [0.7, 0.35] as const;

/** The look of the group at a place, from 0. */
export const groupLook = (index: number, palette: Palette): GroupLook => ({
  fill: palette[COLOURS[index % COLOURS.length] ?? 'curve1'],
  opacity: OPACITIES[Math.floor(index / COLOURS.length) % OPACITIES.length] ?? OPACITIES[0],
});
