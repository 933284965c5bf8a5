/** How the numbers of a fit come about: exactly, by a straight line through logarithms, or by a search. */
type Basis = 'exact' | 'logarithms' | 'search';

type Shown = Readonly<{ formula: string; basis: Basis; hasDegree: boolean }>;

/**
 * The models that can be laid through points, by their names in the notebook: what the screens show of each, with
 * coefficients by the letters in its formula. How each is worked stands in `fits/`, which only a worker loads.
 */
export const fitModels = {
  straight: { formula: 'a + b·x', basis: 'exact', hasDegree: false },
  polynomial: { formula: 'a + b·x + c·x² + …', basis: 'exact', hasDegree: true },
  exponential: { formula: 'a·e^(b·x)', basis: 'logarithms', hasDegree: false },
  power: { formula: 'a·x^b', basis: 'logarithms', hasDegree: false },
  logarithmic: { formula: 'a + b·ln x', basis: 'logarithms', hasDegree: false },
  sine: { formula: 'a·sin(b·x + c) + d', basis: 'search', hasDegree: false },
} as const satisfies Readonly<Record<string, Shown>>;

export type FitModel = keyof typeof fitModels;
export const fitModelNames = Object.keys(fitModels) as [FitModel, ...FitModel[]];
