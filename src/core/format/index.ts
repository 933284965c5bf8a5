import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import type { Value } from '../number/value';
import { binary, formIdOf, hexadecimal, octal, otherBase } from './based';
import { decimal } from './decimal';
import { exact } from './exact';
import { dms } from './dms';
import { factors } from './factors';
import type { Form, FormRecord, Nature } from './form';
import { fraction, mixed } from './fraction';
import { matrixForms } from './matrix';
import { polar } from './polar';
import { recurring } from './recurring';
import { remainder } from './remainder';
import { turn } from './turn';
import type { DisplaySettings } from './settings';

/** Every display form, in the order in which they stand under a result. */
const records: readonly FormRecord[] = [
  exact,
  fraction,
  mixed,
  recurring,
  decimal,
  dms,
  turn,
  polar,
  remainder,
  factors,
  binary,
  octal,
  hexadecimal,
  otherBase,
];

/**
 * All forms that a value has, the first being the one shown unless another is chosen: the base that was asked
 * for, the decimal of what was written in decimals, else the exact one. A form that would only repeat another is left out.
 * With decimals only it is one form: the base that was asked for, the decimal, or the first where there is neither.
 */
export function formsOf(
  v: Value,
  settings: DisplaySettings,
  shouldContinue: ShouldContinue,
  nature: Nature,
): Result<readonly Form[], 'too-large' | 'stopped' | 'not-converged'> {
  const forms: Form[] = [];
  const written =
    v.kind === 'matrix'
      ? matrixForms(v, settings, shouldContinue)
      : records.map((record) => record.write(v, settings, shouldContinue, nature));
  for (const form of written) {
    if (typeof form === 'string') return fail(form);
    if (form !== null && !forms.some((f) => f.typed === form.typed && f.text === form.text)) forms.push(form);
  }
  const isDecimal = nature.isDecimal || settings.decimalsOnly === true;
  const first = nature.asked === null ? (isDecimal ? 'decimal' : null) : formIdOf(nature.asked);
  const shown = forms.find(({ id }) => id === first);
  if (settings.decimalsOnly === true) return succeed(shown === undefined ? forms.slice(0, 1) : [shown]);
  return succeed(shown === undefined ? forms : [shown, ...forms.filter((form) => form !== shown)]);
}
