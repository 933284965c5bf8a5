import { duration } from './exam';
import { capital, registerName } from './registers';

/* What the state names by codes; that each has its words is checked where the two meet, in the places. */

const steps = {
  typing: 'typing',
  answer: 'answering the line',
  'clear-line': 'clearing the line',
  'use-line': 'taking a line back',
  'use-answer': 'using an answer',
  'remove-line': 'removing a line',
  'clear-tape': 'clearing the tape',
  'choose-form': 'choosing a form',
  keep: 'keeping a value',
  'change-kept': 'changing what is kept',
  'clear-place': 'clearing what was kept',
  'clear-slots': 'clearing all slots',
  'clear-letters': 'clearing all letters',
  operation: 'an operation',
  'clear-running': 'clearing all',
  'clear-stack': 'clearing the stack',
  depth: 'going to four levels',
  'to-line': 'sending to the line',
  'open-notebook': 'opening a notebook',
  paste: 'pasting',
  'as-read': 'writing how it is read',
  'edit-line': 'editing a line',
  'work-again': 'working a line again',
  note: 'writing a note',
  pin: 'pinning a line',
  digits: 'choosing digits for a line',
  solution: 'keeping a solution',
  replay: 'replaying keys',
  'shared-line': 'opening a shared line',
  function: 'writing a function',
  'switch-function': 'switching a function',
  'move-function': 'moving a function',
  'remove-function': 'removing a function',
  'clear-functions': 'removing all functions',
  view: 'changing the view',
  axes: 'changing an axis',
  table: 'changing the table',
  'add-table': 'adding a table',
  'remove-table': 'removing a table',
  'table-name': 'naming a table',
  'add-column': 'adding a column',
  column: 'changing a column',
  'move-column': 'moving a column',
  'empty-column': 'emptying a column',
  'remove-column': 'removing a column',
  cell: 'writing a value',
  rows: 'changing rows',
  sort: 'sorting',
  'put-in': 'putting values in',
  rule: 'the rule of a column',
  filter: 'the rows that take part',
  use: 'choosing what columns are used for',
  points: 'showing points on Curves',
  'kit-entry': 'an entry in Kit',
  'clear-tool': 'clearing a tool',
  'remove-aside': 'removing what was set aside',
  'end-exam': 'ending the examination',
} as const;

const parts = (count: string): string => (count === '1' ? 'one part' : `${count} parts`);

const sentences = {
  'tape-cleared': () => 'The tape is empty. Letters and settings are as they were.',
  'tape-cleared-but-pinned': () => 'The tape is empty but for the pinned lines. Letters and settings are as they were.',
  'line-removed': () => 'The line was removed from the tape.',
  'place-kept': (place: string) => `Kept in ${registerName(place)}.`,
  'place-changed': (place: string) => `Changed what ${registerName(place)} holds.`,
  'place-cleared': (place: string) => `${capital(registerName(place))} holds nothing now. All else is as it was.`,
  'letters-cleared': () => 'All letters are cleared. Slots, running total and tape are as they were.',
  'slots-cleared': () => 'All slots are cleared. Letters, running total and tape are as they were.',
  'digits-recalled': (place: string) => `These are 50 digits of it. Recall ${place} as a reference to keep them all.`,
  'level-sent': () => 'It was put into the line.',
  'levels-fallen': () => 'The stack has four levels now; those below fell off.',
  'settings-reset': () => 'All settings are as they were at first.',
  copied: () => 'Copied.',
  'not-copied': () => 'The browser did not allow copying.',
  'not-pasted': () =>
    'The browser did not let the clipboard be read. Paste with the keyboard, or by the menu of the field.',
  'nothing-to-keep': () => 'There is no value to keep yet.',
  'ans-set': (shown: string) => `Ans now stands for ${shown}, with all its digits.`,
  'notebook-opened': () => 'The notebook was opened.',
  'notebook-damaged': (reason: string) =>
    reason === 'not-json'
      ? 'This file is not a notebook: it holds no data that can be read. Nothing was changed.'
      : 'This file is not a notebook of Ulkav. Nothing was changed.',
  'notebook-partly': (count: string) =>
    `The notebook was opened, but for ${parts(count)} that could not be read: kept on the Shelf.`,
  'parts-set-aside': (count: string) =>
    `${capital(parts(count))} of your notebook could not be read: kept on the Shelf.`,
  'aside-removed': () => 'What was set aside was removed.',
  'tabs-differ': (count: string) =>
    `Another tab changed the same ${count === '1' ? 'thing' : 'things'}; what it had is kept on the Shelf.`,
  'nothing-pasted': () => 'There was no text to paste.',
  'formula-unreadable': () => 'This formula holds something that cannot be read here; it was not put in.',
  'picked-full': () => 'A thousand picked x are all that there is room for.',
  'file-too-large': (most: string) => `Files up to ${most} MB are taken in; this one is larger. Nothing was changed.`,
  'file-unreadable': () => 'The browser did not let this file be read. Nothing was changed.',
  'field-full': (most: string) => `This field takes ${most} characters; what was longer was not put in.`,
  'line-replaced': () => 'The line on the tape was replaced.',
  'settings-taken': () => 'The settings were taken over.',
  'link-damaged': () => 'The link does not hold a line or settings that can be read. Nothing was changed.',
  'link-too-long': () => 'The line in this link is longer than a line may be. Nothing was changed.',
  'line-shared': () => 'The shared line stands on the Bench, with its unit and settings.',
  'line-full': () => 'A line takes 10 000 characters; this is longer and was not put in.',
  'functions-full': () => 'Forty functions are all that there is room for.',
  'function-removed': () => 'The function was removed. To hide one, switch it off.',
  'functions-cleared': () => 'All functions were removed. The view is as it was.',
  'tables-full': () => 'Forty tables are all that there is room for.',
  'table-removed': (name: string) => `The table ${name} was removed with its columns.`,
  'column-emptied': (name: string) => `The column ${name} is empty. The other columns are as they were.`,
  'column-removed': (name: string) => `The column ${name} was removed with its values.`,
  'column-full': () => 'A table takes a million values; there is no room for more.',
  'sent-to-column': (where: string) => `Put into the column ${where.replace(/, (\d+)$/, ', row $1')}.`,
  'values-put': (count: string) => (count === '1' ? 'One value was put in.' : `${count} values were put in.`),
  'tool-cleared': () => 'What was entered in this tool was cleared. All else is as it was.',
  'sheet-unreadable': () => 'In this file there is no sheet of exercises.',
  'sheet-too-long': () => 'This sheet is too long to be opened in Practice: 10 000 characters are the most.',
  'exam-begun': () => 'The examination has begun. What you had is put aside until it ends.',
  'exam-ended': (minutes: string) =>
    `The examination is over, after ${duration(Number(minutes))}. What you had before is back; its lines stand at the end of the tape.`,
  'exam-not-put-back': () =>
    'The examination is over. What was put aside could not be found; what you did since is still here.',
  'not-in-exam': () => 'This cannot be done during the examination.',
  'table-cut': (size: string) => `Tables up to ${size} are taken in; what was beyond was left out.`,
  sorted: () => 'The rows were sorted.',
  'column-worked': () => 'This column is worked from others: take its rule away to write into it.',
} satisfies Readonly<Record<string, (fact: string) => string>>;

type Told =
  | Readonly<{ code: keyof typeof sentences; fact: string }>
  | Readonly<{ code: 'undone' | 'redone'; fact: keyof typeof steps }>;

export function noticeText(told: Told): string {
  if (told.code === 'undone') return `Taken back: ${steps[told.fact]}.`;
  if (told.code === 'redone') return `Done again: ${steps[told.fact]}.`;
  return sentences[told.code](told.fact);
}
