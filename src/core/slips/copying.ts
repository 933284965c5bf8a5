import type { Context } from '../evaluate/context';
import { roundToPlaces } from '../number/digits';
import { absolute } from '../number/integer';
import { isReal } from '../number/value';
import type { Value } from '../number/value';
import type { Claim } from './claim';
import type { Given } from './given';
import { doubled, leftOut, moved, replaced, swapped } from './kinds/digits';
import type { SlipName } from './names';

/** Slips of the hand in writing a result down, by how unlikely they are. */
const slips: readonly (readonly [SlipName, typeof moved, number])[] = [
  ['point-moved', moved, 3.2],
  ['digits-swapped', swapped, 3.2],
  ['digit-left-out', leftOut, 3.8],
  ['digit-doubled', doubled, 3.8],
  ['digit-wrong', replaced, 4.6],
];

/** Shorter answers are too easily another one's slip. */
const LEAST_FIGURES = 3;
const LEAST_FIGURES_OF_POINT = 2;

const withPoint = (unscaled: bigint, places: number): string => {
  const digits = unscaled.toString().padStart(Math.max(places, 0) + 1, '0');
  return places <= 0 ? digits : `${digits.slice(0, -places)}.${digits.slice(-places)}`;
};

const plain = (digits: string): string => digits.replace(/^0+(?=\d)/, '').replace(/\.$/, '');

/** The right result with a slip of the hand in its digits. */
export function* miscopied(value: Value, given: Given, answer: string, context: Context): Generator<Claim> {
  if (given.kind !== 'digits' || given.places === null || given.places < 0 || !isReal(value)) return;
  const { places, unscaled } = given;
  const aim = withPoint(absolute(unscaled), places);
  // A digit too few or too many moves the last place.
  for (const shift of [0, 1, -1]) {
    const at = places + shift;
    const result = at < 0 ? 'not-converged' : roundToPlaces(value, at, context.shouldContinue);
    if (typeof result === 'string' || !result.settled || result.unscaled < 0n !== unscaled < 0n) continue;
    const shown = withPoint(absolute(result.unscaled), at);
    for (const [name, misspelling, cost] of slips) {
      if (given.figures < (name === 'point-moved' ? LEAST_FIGURES_OF_POINT : LEAST_FIGURES)) continue;
      const found = [...misspelling(shown)].filter(([text]) => plain(text) === aim);
      const extra = Math.min(...found.map(([, more]) => more));
      if (found.length > 0)
        yield {
          slips: [name],
          line: answer,
          angle: context.angle,
          differs: null,
          isOfAnswer: true,
          cost: cost + extra,
        };
    }
  }
}
