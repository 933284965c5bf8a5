import { readFileSync, writeFileSync } from 'node:fs';
import { entryStyles } from '@/core/notebook/setting-records';
import { keyIds, keys } from '@/keys/catalogue';
import type { KeyFace, KeyId } from '@/keys/catalogue';
import { meansIn } from '@/keys/press';
import { keyText } from '@/text/keys';
import { styleNames } from '@/text/entry-labels';

/*
 * The page of all keys, made from the catalogue: `WRITE_KEYS=1 npx jest keys-page` writes it anew.
 */

const FILE = 'docs/keys.md';

const faceOf = (face: KeyFace): string =>
  'icon' in face
    ? ''
    : [face.index, face.text, face.raised, face.lowered].filter((part) => part !== undefined).join(' ');
const cell = (text: string): string => text.replaceAll('|', '\\|');

function row(id: KeyId): string {
  const { does, face, example } = keys[id];
  const means = entryStyles.filter((style) => meansIn(style, does));
  const style = means.includes('written') ? 'written' : means[0]!;
  const where = means.length === entryStyles.length ? 'all' : means.map((s) => styleNames[s]).join(', ');
  const shown = `${example.style === 'written' ? '' : `${styleNames[example.style]}: `}\`${example.keys.join(' ')}\` → ${example.shows}`;
  const { say, help } = keyText(id, style);
  return `| \`${id}\` | ${cell(faceOf(face))} | ${cell(say)} | ${where} | ${cell(help)} | ${cell(shown)} |`;
}

const page = (): string => `# Keys

Every key of the catalogue (\`src/keys/catalogue.ts\`), by the id that batch takes. This page is made from the catalogue by
a test, which also keeps it so. Every example is run as a test, in degrees.

## Keys by batch

\`{"id", "do": "keys", "style": "written|running|stack", "keys": [ids], "settings": {…}}\` presses keys in a fresh app and
answers \`{"line", "readAs", "result": {"sign", "text", "typed", "forms"}, "stack": [{"value", "made"}… top last],
"memory": {"slots", "letters", "total"}, "tape": [{"line", "result"}…], "problem"}\`.

- \`line\` is what is being keyed (Written: the line, or the last line of the tape when it is empty; Running: what is
  pending with the number shown, \`▯\` where a number is still to come; Stack: how the top was made), as typed text.
- \`result\` is the form that is shown, as on the screen, and \`typed\` the same in typed syntax; \`forms\` are all of them.
  Running shows decimals first unless a form is preferred; all styles keep the value exact underneath.
- \`problem\` is what the last key could not do, or what is wrong with the line; null when nothing is.
- \`settings\`, all of them optional: \`angle\` deg, rad, grad · \`mode\` auto, places, scientific, engineering · \`digits\`
  1 to 15 · \`grouping\` · \`decimalSign\` \`.\` or \`,\` · \`impliedFirst\` · \`complex\` · \`form\` · \`fractions\` improper, mixed ·
  \`complexForm\` rectangular, polar · \`order\` precedence, leftToRight (Running) · \`depth\` unlimited, four (Stack) · \`view\`
  boxed, typed (Written). What is not given is as in a fresh app (degrees, auto 10), but that digits are not grouped.

A key that asks (\`keep\`, \`recall\`, \`recallValue\`, \`addTo\`, \`takeFrom\`, \`multiplyBy\`, \`divideBy\`, \`clearKept\`) takes the
place from the next key: a digit for a slot, a letter, or \`total\`. \`pick\` takes a digit, the level counted from the top.
The keys \`keepTotal\`, \`recallTotal\`, \`addToTotal\`, \`takeFromTotal\` and \`clearTotal\` act on the running total at once.

## All keys

| id | on it | spoken | has a meaning in | what it does | example |
|---|---|---|---|---|---|
${keyIds.map(row).join('\n')}
`;

test('the page of keys is what the catalogue says', () => {
  const made = page();
  if (process.env['WRITE_KEYS'] === '1') writeFileSync(FILE, made);
  expect(readFileSync(FILE, 'utf8')).toBe(made);
});
