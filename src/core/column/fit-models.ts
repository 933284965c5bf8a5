/** Models by their formula, coefficients by the letters in it. `logs`: the coordinates taken to logarithms for it. */
export const fitModels = {
  straight: { formula: 'a + b·x' },
  polynomial: { formula: 'a + b·x + c·x² + …' },
  exponential: { formula: 'a·e^(b·x)', logs: { x: false, y: true } },
  power: { formula: 'a·x^b', logs: { x: true, y: true } },
  logarithmic: { formula: 'a + b·ln x', logs: { x: true, y: false } },
  sine: { formula: 'a·sin(b·x + c) + d' },
} as const;
export type FitModel = keyof typeof fitModels;
export const fitModelNames = Object.keys(fitModels) as readonly FitModel[];
