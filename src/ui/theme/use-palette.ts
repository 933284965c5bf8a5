import { useThemeName } from '@tamagui/core';
import { contrast, dark, light } from './palette';
import type { Palette } from './palette';

const palettes: Readonly<Record<string, Palette>> = { light, dark, contrast };

/** The colours of the theme that is shown, for drawings: the same object while the theme stays. */
export const usePalette = (): Palette => palettes[useThemeName()] ?? light;
