/* What Ulkav says of itself. */

export const aboutWords = {
  what: 'Key an expression as it stands on paper, see how it was read, and get the answer in the form that is asked for.',
  keptTitle: 'What is kept, and where',
  kept: [
    'All that you write is kept in the storage of this browser, on this device: the tape, the line, the Shelf, curves, columns and settings.',
    'Nothing leaves the device. There is no account, no tracking, and nothing is sent to anyone; a link or a file that you make goes where you give it.',
    'Clearing the data of this site in the browser takes all of it away. Save the notebook as a file to keep it apart (Settings, Notebook).',
    'After one visit everything works without a network.',
  ],
  licencesTitle: 'Licences',
  own: 'Ulkav itself is under the MIT licence.',
  licences: 'It ships with these fonts and packages:',
  noLicences: 'The list of licences could not be loaded.',
} as const;
