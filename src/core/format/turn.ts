import { convertAngle, inTurns } from '../number/angle';
import { PI, divide, piTimes } from '../number/arithmetic';
import * as q from '../number/rational';
import { isReal } from '../number/value';
import { roundedTexts } from './decimal';
import { exactTree } from './exact-tree';
import { expressionForm } from './form';
import type { FormRecord } from './form';
import { fits } from './fraction';

/** An angle as a multiple of π, in radians: 45° is π/4 rad. With radians set an exact multiple is the exact form already. */
export const turn: FormRecord = {
  id: 'turn',
  write: (v, settings, shouldContinue, { unit, isAngle }) => {
    if (!isAngle || !isReal(v) || v.kind === 'pi') return null;
    const turns = inTurns(v, unit);
    if (turns !== null) {
      const times = q.add(turns, turns);
      if (q.isZero(times) || !fits(times)) return null;
      const form = expressionForm('turn', exactTree(piTimes(times)), settings);
      return { ...form, text: `${form.text} rad`, typed: `${form.typed} rad` };
    }
    const radians = convertAngle(v, unit, 'rad', shouldContinue);
    const share = radians.ok ? divide(radians.value, PI, shouldContinue) : radians;
    const result = share.ok ? roundedTexts(share.value, settings, shouldContinue) : null;
    if (result === null || typeof result === 'string' || /[×E]/.test(result.text)) return null;
    return {
      id: 'turn',
      exact: false,
      settled: result.settled,
      text: `${result.text}π rad`,
      typed: `${result.typed}pi rad`,
    };
  },
};
