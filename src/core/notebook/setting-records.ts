import { z } from 'zod/mini';
import { angleUnits } from '../base/angle';
import { formIds } from '../format/form';
import { FEWEST_DIGITS, MOST_DIGITS, displayModes } from '../format/settings';
import { lineViews } from '../line/line';
import { runningOrders } from '../running/state';
import { stackDepths } from '../stack/stack';
import { wordIds } from '../radix/word';
import { defineSetting } from './setting';
import type { SettingRecord } from './setting';

export const digits = z.int().check(z.gte(FEWEST_DIGITS), z.lte(MOST_DIGITS));
export const decimalSign = z.enum(['.', ',']);

export const entryStyles = ['written', 'running', 'stack'] as const;
const slashes = ['fraction', 'divide'] as const;
const tableOrders = ['across', 'down'] as const;
const themes = ['system', 'light', 'dark', 'contrast'] as const;
const fractionForms = ['improper', 'mixed'] as const;
const complexForms = ['rectangular', 'polar'] as const;
const textSizes = [100, 125, 150, 175, 200] as const;

/** A choice of one among a few words. */
const choice = <const T extends readonly string[]>(of: T) =>
  ({ schema: z.enum(of), control: { kind: 'choice', of } }) as const;

const onOff = { schema: z.boolean(), control: { kind: 'switch' }, first: false } as const;

/** The settings in the order in which they stand on their sheet. */
export const settings = {
  angle: defineSetting({
    ...choice(angleUnits),
    first: 'deg',
    group: 'numbers',
    changesForms: true,
    handedOn: 'always',
  }),
  display: defineSetting({
    schema: z.object({ mode: z.enum(displayModes), digits, grouping: z.boolean(), decimalSign }),
    first: { mode: 'auto', digits: 10, grouping: true, decimalSign: '.' },
    control: { kind: 'display' },
    group: 'numbers',
    changesForms: true,
    handedOn: 'always',
  }),
  /** The form shown first where a result has it. */
  form: defineSetting({
    schema: z.nullable(z.enum(formIds)),
    first: null,
    control: { kind: 'choice', of: [null, 'decimal', 'mixed', 'fraction', 'exact', 'dms', 'turn'] },
    group: 'numbers',
    since: 3,
    handedOn: 'always',
  }),
  /** What a fraction above one is shown as first. */
  fractions: defineSetting({
    ...choice(fractionForms),
    first: 'improper',
    group: 'numbers',
    since: 4,
    handedOn: 'maybe',
  }),
  /** Complex numbers are on. */
  complex: defineSetting({ ...onOff, group: 'numbers', since: 2, changesForms: true, handedOn: 'always' }),
  complexForm: defineSetting({
    ...choice(complexForms),
    first: 'rectangular',
    group: 'numbers',
    since: 4,
    handedOn: 'maybe',
    onlyWith: 'complex',
  }),
  /** Results in base 2, 8 and 16 too, whatever the line is written in. */
  bases: defineSetting({ ...onOff, group: 'numbers', since: 10, changesForms: true, handedOn: 'maybe' }),
  /** The word whose bits are worked with. */
  word: defineSetting({ ...choice(wordIds), first: 'signed32', group: 'numbers', since: 10, handedOn: 'maybe' }),
  /** How keys are entered. */
  style: defineSetting({ ...choice(entryStyles), first: 'written', group: 'entry', since: 4, handedOn: 'maybe' }),
  /** Running: by precedence, or each operation at once. */
  order: defineSetting({ ...choice(runningOrders), first: 'precedence', group: 'entry', since: 4, handedOn: 'maybe' }),
  depth: defineSetting({ ...choice(stackDepths), first: 'unlimited', group: 'entry', since: 4, handedOn: 'maybe' }),
  impliedFirst: defineSetting({ ...onOff, group: 'entry', handedOn: 'always' }),
  /** The line as boxes on paper, or as typed text. */
  view: defineSetting({ ...choice(lineViews), first: 'boxed', group: 'entry', since: 3, handedOn: 'always' }),
  /** What a typed stroke makes: a fraction, or a division on the line. */
  slash: defineSetting({ ...choice(slashes), first: 'fraction', group: 'entry', since: 3, handedOn: 'always' }),
  /** Where Enter leads in a table of numbers that stand in rows, such as a system of equations. */
  tableOrder: defineSetting({ ...choice(tableOrders), first: 'across', group: 'entry', since: 13, handedOn: 'maybe' }),
  /** The keys of the line stay in sight while it is keyed. */
  keyStrip: defineSetting({ ...onOff, group: 'entry', since: 3 }),
  /** The deck goes back to Pad after each key. */
  backToPad: defineSetting({ ...onOff, group: 'entry' }),
  theme: defineSetting({ ...choice(themes), first: 'system', group: 'look' }),
  /** Per cent. */
  textSize: defineSetting({
    schema: z.union(textSizes.map((size) => z.literal(size))),
    control: { kind: 'choice', of: textSizes },
    first: 100,
    group: 'look',
    since: 4,
  }),
  sound: defineSetting({ ...onOff, group: 'look', since: 4, device: 'sound' }),
  haptics: defineSetting({ ...onOff, group: 'look', since: 4, device: 'haptics' }),
} as const satisfies Readonly<Record<string, SettingRecord>>;
