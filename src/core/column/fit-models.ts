/** How the numbers of a fit come about: exactly, by a straight line through logarithms, or by a search. */
type Basis = 'exact' | 'logarithms' | 'search';

/** What can be set about a fit. `direct`: fitted to the values themselves, where it is otherwise fitted to their logarithms. */
export type FitOption = 'degree' | 'origin' | 'weights' | 'bands' | 'direct' | 'start' | 'predictors';

type Shown = Readonly<{ formula: string; basis: Basis; options: readonly FitOption[] }>;

/**
 * The models that can be laid through points, by their names in the notebook: what the screens show of each, with
 * coefficients by the letters in its formula. How each is worked stands in `fits/`, which only a worker loads.
 */
const models = {
  straight: { formula: 'a + b·x', basis: 'exact', options: ['origin', 'weights', 'bands'] },
  polynomial: { formula: 'a + b·x + c·x² + …', basis: 'exact', options: ['degree', 'origin', 'weights', 'bands'] },
  exponential: { formula: 'a·e^(b·x)', basis: 'logarithms', options: ['direct'] },
  power: { formula: 'a·x^b', basis: 'logarithms', options: ['direct'] },
  logarithmic: { formula: 'a + b·ln x', basis: 'logarithms', options: [] },
  logistic: { formula: 'c/(1 + a·e^(−b·x))', basis: 'search', options: [] },
  sine: { formula: 'a·sin(b·x + c) + d', basis: 'search', options: [] },
  own: { formula: '…', basis: 'search', options: ['start'] },
  several: { formula: 'a + b·x₁ + c·x₂ + …', basis: 'exact', options: ['origin', 'weights', 'predictors'] },
} as const satisfies Readonly<Record<string, Shown>>;

export type FitName = keyof typeof models;
export const fitModels: Readonly<Record<FitName, Shown>> = models;
export const fitModelNames = Object.keys(models) as [FitName, ...FitName[]];

/** The models whose coefficients are found by their own records; of the others, their letters or columns are told first. */
export type FitModel = Exclude<FitName, 'own' | 'several'>;
export const curveModels = fitModelNames.filter((name): name is FitModel => name !== 'own' && name !== 'several');
