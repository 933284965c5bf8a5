import type { Help } from '@/core/notebook/exam';

/* What the panel of an examination says. */

export const helpNames: Readonly<Record<Help, string>> = {
  forms: 'Other forms',
  steps: 'Steps',
  solve: 'Solving',
  search: 'Find and Help',
  curves: 'Curves',
  columns: 'Columns',
  kit: 'Kit',
};

export const helpNotes: Readonly<Record<Help, string>> = {
  forms: 'Answers in decimals only: no fractions, roots or multiples of π beside them',
  steps: 'No order of work is shown, and no picture of an angle',
  solve: 'No equation is solved, and Curves marks no points',
  search: 'No search for keys, functions and how things are done',
  curves: 'The place for graphs is closed',
  columns: 'The place for data is closed',
  kit: 'The place for tools is closed, and no answer is compared',
};

export const examWords = {
  open: 'Examination …',
  helps: 'What is on',
  off: 'What is off',
  whenOff: (note: string): string => `Off: ${note.charAt(0).toLowerCase()}${note.slice(1)}`,
  nothingOff: 'Nothing is off.',
  whatHappens:
    'All that is kept (letters, slots, total, tape, line, tables, functions, tools) is put aside when it begins, and put back when it ends; settings are put back too.',
  withSettings: 'With these settings',
  withSettingsNote: 'Angle unit, number display and how lines are read are set as they are here when it begins',
  itsSettings: 'Angle unit, number display and how lines are read are set when it begins.',
  code: 'Code',
  codeNote: 'It is the same for all who work under the same, and stands in sight with the time since it began.',
  bounds: 'Ulkav shows plainly that an examination is on. It cannot close what else is on the device.',
  begin: 'Begin now',
  copyLink: 'Copy a link to it',
  since: (since: string): string => `On for ${since}`,
  end: 'To end it, key its code',
  endNote: 'What you had before comes back; the lines of the examination go to the end of the tape.',
  endIt: 'End the examination',
} as const;
