/**
 * Identities, tried at several numbers to 50 digits on each side.
 * Source: NIST Digital Library of Mathematical Functions; the equation's number stands beside it, *from memory*.
 */
export const identities: readonly (readonly [equation: string, left: string, right: string])[] = [
  ['4.21.2', 'sin(X+Y)', 'sin(X)cos(Y)+cos(X)sin(Y)'],
  ['4.21.3', 'cos(X+Y)', 'cos(X)cos(Y)-sin(X)sin(Y)'],
  ['4.21.4', 'tan(X+Y)', '(tan(X)+tan(Y))/(1-tan(X)tan(Y))'],
  ['4.21.12', 'sin(X)^2+cos(X)^2', '1'],
  ['4.21.13', 'sec(X)^2', '1+tan(X)^2'],
  ['4.21.14', 'csc(X)^2', '1+cot(X)^2'],
  ['4.21.15', '2sin(X)sin(Y)', 'cos(X-Y)-cos(X+Y)'],
  ['4.21.27', 'sin(2X)', '2tan(X)/(1+tan(X)^2)'],
  ['4.21.28', 'cos(3X)', '4cos(X)^3-3cos(X)'],
  ['4.24.13', 'atan(1/X)+atan(X)', 'pi/2'],
  ['4.23.16', 'acos(X/9)', 'pi/2-asin(X/9)'],
  ['4.35.1', 'sinh(X+Y)', 'sinh(X)cosh(Y)+cosh(X)sinh(Y)'],
  ['4.35.11', 'cosh(X)^2-sinh(X)^2', '1'],
  ['4.35.20', 'cosh(2X)', '2sinh(X)^2+1'],
  ['4.37.16', 'asinh(X)', 'ln(sqrt(X^2+1)+X)'],
  ['4.37.19', 'acosh(X+1)', 'ln(sqrt((X+1)^2-1)+X+1)'],
  ['4.37.24', 'atanh(X/9)', 'ln((1+X/9)/(1-X/9))/2'],
  ['4.8.1', 'ln(X*Y)', 'ln(X)+ln(Y)'],
  ['4.8.13', 'exp(ln(X))', 'X'],
  ['4.10.7', 'log(X,Y)', 'ln(X)/ln(Y)'],
  ['5.5.1', '(X+1)!', '(X+1)*X!'],
  ['5.5.3', 'X!*(-X)!', 'pi*X/sin(pi*X)'],
  ['5.5.5', '(2X)!', '2^(2X)*X!*(X-1/2)!/sqrt(pi)'],
];
/** Neither X nor Y is whole, where some of them have no value. */
export const triedAt: readonly (readonly [x: string, y: string])[] = [
  ['1/3', '2.7'],
  ['1.21', '0.4'],
  ['3.7', '1/7'],
  ['sqrt(2)', 'e'],
];
