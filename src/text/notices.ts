import type { StepName } from '@/state/history';
import type { Notice, NoticeCode } from '@/state/notice';

const steps: Readonly<Record<StepName, string>> = {
  typing: 'typing',
  answer: 'answering the line',
  'clear-line': 'clearing the line',
  'use-line': 'taking a line back',
  'use-answer': 'using an answer',
  'remove-line': 'removing a line',
  'clear-tape': 'clearing the tape',
  'choose-form': 'choosing a form',
  keep: 'keeping in a letter',
  'clear-letter': 'clearing a letter',
  'clear-letters': 'clearing all letters',
  'open-notebook': 'opening a notebook',
  paste: 'pasting',
  brackets: 'writing the brackets in',
  'edit-line': 'editing a line',
  'work-again': 'working a line again',
  note: 'writing a note',
  pin: 'pinning a line',
  digits: 'choosing digits for a line',
  solution: 'keeping a solution',
  replay: 'replaying keys',
  'shared-line': 'opening a shared line',
};

const sentences: { [C in NoticeCode]: (fact: string) => string } = {
  'tape-cleared': () => 'The tape is empty. Letters and settings are as they were.',
  'tape-cleared-but-pinned': () => 'The tape is empty but for the pinned lines. Letters and settings are as they were.',
  'line-removed': () => 'The line was removed from the tape.',
  'letter-kept': (letter) => `Kept in ${letter}.`,
  'letter-cleared': (letter) => `${letter} holds nothing now.`,
  'letters-cleared': () => 'All letters are cleared. The tape is as it was.',
  copied: () => 'Copied.',
  'not-copied': () => 'The browser did not allow copying.',
  'not-pasted': () =>
    'The browser did not let the clipboard be read. Paste with the keyboard, or by the menu of the field.',
  'nothing-to-keep': () => 'There is no value to keep yet.',
  'ans-set': (shown) => `Ans now stands for ${shown}, with all its digits.`,
  'notebook-opened': () => 'The notebook was opened.',
  'notebook-damaged': (issue) => `This file is not a notebook that can be read (${issue}). Nothing was changed.`,
  'line-replaced': () => 'The line on the tape was replaced.',
  'settings-taken': () => 'The settings were taken over.',
  'link-damaged': () => 'The link does not hold a line or settings that can be read.',
  'line-shared': (settings) => `A shared line was opened. It was worked in ${settings}.`,
  'line-full': () => 'A line takes 10 000 characters; this is longer and was not put in.',
  undone: (step) => `Taken back: ${steps[step as StepName]}.`,
  redone: (step) => `Done again: ${steps[step as StepName]}.`,
};

export const noticeText = ({ code, fact }: Notice): string => sentences[code](fact);
