/** What a first visit is shown, in order. */
export const firstSteps: readonly Readonly<{ title: string; text: string }>[] = [
  { title: 'Key it as it stands on paper', text: 'Fractions and roots have boxes; → leaves a box.' },
  { title: 'See how it was read', text: 'Read in two ways? The grouping stands below it.' },
  {
    title: 'Tap the form you want',
    text: 'Fraction, root, decimal: side by side. Find has help.',
  },
];

export const firstWords = { title: 'How it works', done: 'Understood' } as const;
