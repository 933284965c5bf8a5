import { allHelp, findElsewhere, findHelp } from './help-index';

test.each([
  ['standard deviation', 's'],
  ['settings', 'Settings'],
  ['remainder', 'remainder'],
  ['third root', 'cube root'],
  ['mean', 'mean'],
  ['table', 'Table of values'],
  ['sin 30', 'sin 30 is not 0.5'],
  ['how do I round', 'Round to so many places'],
  ['regression', 'Fit a line or a curve'],
  ['dark', 'Colours'],
  ['undo', 'Ctrl Z, Ctrl Y'],
  ['average', 'mean'],
])('“%s” finds %s', (sought, title) => expect(findHelp(sought).map((entry) => entry.title)).toContain(title));

test('everything says where it lives, and is found by its own name', () => {
  expect(allHelp.filter(({ where, text }) => where === '' || text === '')).toEqual([]);
  const named = allHelp.filter(({ kind }) => kind !== 'stroke' && kind !== 'statistic');
  expect(named.filter((entry) => !findHelp(entry.title).some(({ title }) => title === entry.title))).toEqual([]);
});

test.each(['', '  ', 'zzzz'])('“%s” finds nothing', (sought) =>
  expect([findHelp(sought), findElsewhere(sought)]).toEqual([[], []]),
);
