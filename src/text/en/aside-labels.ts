import type { AsideReason, PartKind } from '@/core/notebook/set-aside';
import { keptAt } from './entry-labels';

const damage = {
  unreadable: 'What was kept here could not be read.',
  'broken-off': 'What was kept here breaks off; everything up to there was opened.',
  newer: 'What was kept here was written by a newer Ulkav; what could be read of it was opened.',
  'not-drawn': 'Ulkav could not show what was kept here, twice in a row.',
} as const;
export const damaged = (why: keyof typeof damage, isSetAside: boolean): string => {
  if (!isSetAside) return `${damage[why]} It could not be set aside: nothing new is kept until you have saved it.`;
  return why === 'broken-off' || why === 'newer'
    ? `${damage[why]} The old data is set aside whole.`
    : `${damage[why]} It was set aside whole and a fresh notebook was begun.`;
};

const partNames: Readonly<Record<PartKind, string>> = {
  line: 'The line being written',
  tape: 'A line of the tape',
  place: 'A place of the Shelf',
  level: 'A level of the stack',
  running: 'The number in Running',
  stack: 'The stack',
  answer: 'The last answer',
  tried: 'A value that was tried',
  function: 'A function',
  view: 'The view or an axis of Curves, or what a table is used for',
  table: 'A table',
  column: 'A column',
  tool: 'An entry of a tool of Kit',
  setting: 'A setting',
  other: 'A part set aside before',
};
/** What a part was that is set aside, with its name. */
export const asideTitle = ({ of, name }: Readonly<{ of: PartKind; name: string }>): string =>
  name === '' ? partNames[of] : `${partNames[of]} (${name})`;
export const asideReason = ({ reason }: Readonly<{ reason: AsideReason }>): string =>
  reason === 'unreadable' ? 'It could not be read.' : 'Another tab changed the same thing.';
export const copyTitle = ({ at, size }: Readonly<{ at: number; size: number }>): string =>
  `${at === 0 ? 'Old data' : `Old data of ${keptAt(at)}`}, ${Math.max(1, Math.round(size / 1000))} kB`;
