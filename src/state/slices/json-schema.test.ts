import { readFileSync, writeFileSync } from 'node:fs';
import { notebookJsonSchema } from './notebook';

const FILE = 'docs/notebook.schema.json';

// `WRITE_SCHEMA=1 npx jest json-schema` writes the file anew after the schema was changed on purpose.
test('the published schema is that of the code', () => {
  const made = `${JSON.stringify(notebookJsonSchema(), null, 2)}\n`;
  if (process.env['WRITE_SCHEMA'] === '1') writeFileSync(FILE, made);
  expect(readFileSync(FILE, 'utf8')).toBe(made);
});
