import { itemAt } from '../base/item';
import type { Draw, Exercise, Level, Series } from './exercise';

/** What is drawn from: a whole number from 0 up to, but not, a bound. */
export type Below = (bound: number) => number;

export const drawFrom = (below: Below): Draw => {
  const whole = (least: number, most: number): number => least + below(most - least + 1);
  return {
    whole,
    signed: (most) => whole(1, most) * (below(2) === 0 ? 1 : -1),
    of: (choices) => itemAt(choices, below(choices.length)),
  };
};

const keyOf = ({ ask, shown, curve, at }: Exercise): string => [ask, shown, curve, at].join('\n');

/** How often another is drawn in the place of one that was there. */
const MOST_TRIES = 40;

/** So many exercises of a series, none twice while there are others. */
export function drawn(series: Series, level: Level, count: number, below: Below): readonly Exercise[] {
  const draw = drawFrom(below);
  const found = new Map<string, Exercise>();
  const result: Exercise[] = [];
  for (let i = 0; i < count; i += 1) {
    let next = series.draw(draw, level);
    for (let tries = 0; tries < MOST_TRIES && found.has(keyOf(next)); tries += 1) next = series.draw(draw, level);
    found.set(keyOf(next), next);
    result.push(next);
  }
  return result;
}
