import { keyIds, letterIds } from '@/keys/catalogue';
import { keyTexts } from '@/text/keys';
import { findKeys } from './search';

test.each([
  ['cube root', 'cbrt'],
  ['remainder', 'mod'],
  ['degrees to radians', 'rad'],
  ['fourth root', 'root'],
  ['Highest common factor', 'gcd'],
  ['how do I find the area under a curve', 'integral'],
  ['slope', 'derivative'],
  ['1 over', 'inverse'],
  ['log base 2', 'logBase'],
  ['combinations', 'nCr'],
  ['mixed number', 'mixed'],
  ['store', 'assign'],
  ['sine', 'sin'],
  ['remaind', 'mod'],
])('“%s” finds %s', (sought, id) => expect(findKeys(sought)).toContain(id));

test.each(['', '   ', 'zzzz', '***'])('“%s” finds nothing', (sought) => expect(findKeys(sought)).toEqual([]));

test('every key is found by its own name', () => {
  const named = keyIds.filter((id) => !(letterIds as readonly string[]).includes(id));
  expect(named.filter((id) => !findKeys(keyTexts[id].say).includes(id))).toEqual([]);
});
