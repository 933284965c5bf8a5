import { TARGET } from './config';

/* What several controls have in common in their look. */

const ring = { outlineWidth: 3, outlineStyle: 'solid', outlineColor: '$accent' } as const;

/** The ring of what the keyboard is on, where there is room around it. */
export const ringAround = { focusVisibleStyle: { ...ring, outlineOffset: 1 } } as const;
/** The same within the edges of what fills its place. */
export const ringWithin = { focusVisibleStyle: { ...ring, outlineOffset: -3 } } as const;

/** The edge and the ground of what can be pressed or written into. */
export const edged = {
  borderWidth: 1,
  borderColor: '$keyEdge',
  borderRadius: '$2',
  backgroundColor: '$digitKey',
} as const;

/** It darkens under the pointer and while it is pressed. */
export const darkens = {
  hoverStyle: { backgroundColor: '$keyDown' },
  pressStyle: { backgroundColor: '$keyDown' },
} as const;

/** A row as high as a finger needs. */
export const touchRow = { flexDirection: 'row', alignItems: 'center', minHeight: TARGET, cursor: 'pointer' } as const;

/** A tab: a line below it, which is coloured where it is the chosen one. */
export const tab = {
  ...touchRow,
  ...ringWithin,
  justifyContent: 'center',
  minWidth: TARGET,
  borderWidth: 0,
  borderBottomWidth: 3,
  borderColor: 'transparent',
  backgroundColor: 'transparent',
} as const;
