/** Asked between the steps of long work; false means: stop now. Who knows says what share of the work is done, from 0 to 1. */
export type ShouldContinue = (share?: number) => boolean;

/** There is time without end. */
export const unhurried: ShouldContinue = () => true;

/** Goes on for so many steps, each asked for once, so that what is found does not depend on how fast a machine is. */
export function countedDown(steps: number, shouldContinue: ShouldContinue): ShouldContinue {
  let left = steps;
  return (share) => {
    left -= 1;
    return left >= 0 && shouldContinue(share);
  };
}
