import type { Exercise, Series } from '../exercise';

/** An angle brought into one turn. */
const inTurn = (degrees: number): number => ((degrees % 360) + 360) % 360;

const reference = (degrees: number): number => {
  const half = inTurn(degrees) % 180;
  return Math.min(half, 180 - half);
};

/** Angles that end in the same direction, and reference angles. */
export const angles: Series = {
  id: 'angles',
  draw: (draw, level) => {
    const degrees = level === 1 ? draw.whole(91, 359) : draw.signed(level === 2 ? 720 : 1500);
    if (degrees % 90 === 0 || draw.whole(0, 1) === 0) {
      const away = inTurn(degrees) === degrees ? degrees + 360 * draw.whole(1, 2) : degrees;
      return { ask: 'same-direction', shown: `${away}°`, key: `${inTurn(away)}°`, form: 'number' };
    }
    return { ask: 'reference-angle', shown: `${degrees}°`, key: `${reference(degrees)}°`, form: 'number' };
  },
};

/** The values of sine, cosine and tangent at multiples of 30° and 45°. */
export const exactTrig: Series = {
  id: 'exact-trig',
  draw: (draw, level) => {
    const steps =
      level === 1 ? [0, 30, 45, 60, 90] : [0, 30, 45, 60, 90, 120, 135, 150, 180, 210, 225, 240, 270, 300, 315, 330];
    const degrees = draw.of(steps) * (level === 3 && draw.whole(0, 1) === 0 ? -1 : 1);
    const fn = draw.of(degrees % 180 === 0 || degrees % 90 !== 0 ? ['sin', 'cos', 'tan'] : ['sin', 'cos']);
    const shown = `${fn}(${degrees}°)`;
    const exercise: Exercise = { ask: 'work', shown, key: shown, form: 'exact' };
    return exercise;
  },
};
