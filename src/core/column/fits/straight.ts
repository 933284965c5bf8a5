import { findPolynomial, polynomialEquation } from './polynomial';
import { defineFit } from './record';

/** y = a + b·x, exactly (fractions). */
export const straight = defineFit({
  needs: () => 2,
  find: (points, shouldContinue) => findPolynomial({ ...points, degree: 1 }, shouldContinue),
  equation: polynomialEquation,
});
