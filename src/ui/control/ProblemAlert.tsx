import type { Problem } from '@/core/base/problem';
import { problemText } from '@/text/problems';
import { Words } from '../theme/text';

/** What is wrong, told at once where it is seen. */
export const ProblemAlert = ({ problem }: Readonly<{ problem: Problem }>) => (
  <Words tone="accent" role="alert">
    {problemText(problem)}
  </Words>
);
