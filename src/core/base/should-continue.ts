/** Asked between the steps of long work; false means: stop now. */
export type ShouldContinue = () => boolean;
