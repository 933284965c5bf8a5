import type { FoundPoint } from '@/state/slices/curves/requests';
import type { SavedForm } from '@/core/notebook/schema';
import { signOf } from '@/ui/line/ResultForms';

export const panelIds = ['functions', 'points', 'values'] as const;
export type PanelId = (typeof panelIds)[number];

/** A form behind its sign, as one text. */
export const signed = (form: SavedForm | undefined): string =>
  form === undefined ? '' : form.exact ? form.text : `${signOf(form)} ${form.text}`;

/** The exact form where it is asked for, else the decimal one. */
export const chosenForm = (forms: readonly SavedForm[], isExact: boolean): SavedForm | undefined =>
  isExact ? forms[0] : (forms.find(({ id }) => id === 'decimal') ?? forms[0]);

/** Points in the order in which they are listed and numbered: by kind, and by x within each. */
export const kindsInOrder: readonly FoundPoint['kind'][] = ['zero', 'lowest', 'highest', 'crossing'];
