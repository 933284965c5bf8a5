import { useTheme } from '@tamagui/core';
import type { Palette } from './palette';

/** The colours of the theme that is shown, for drawings that leave the page. */
export function usePalette(): Palette {
  const theme = useTheme();
  return Object.fromEntries(
    Object.entries(theme).map(([name, value]) => [name, (value as { get: () => string }).get()]),
  ) as unknown as Palette;
}
