import { readFileSync, writeFileSync } from 'node:fs';
import { z } from 'zod/mini';
import { NOTEBOOK_FORMAT, NOTEBOOK_VERSION } from '@/core/notebook/schema';
import { resultSchema, sheetSchema } from '@/core/practice/sheet-schema';
import { partSchemas } from './notebook';

// `WRITE_SCHEMA=1 npx jest json-schema` writes the file anew after the schema was changed on purpose.
test.each([
  [
    'docs/notebook.schema.json',
    z.object({ format: z.literal(NOTEBOOK_FORMAT), version: z.literal(NOTEBOOK_VERSION), ...partSchemas() }),
  ],
  ['docs/sheet.schema.json', z.union([sheetSchema, resultSchema])],
])('the published schema %s is that of the code', (file, schema) => {
  const made = `${JSON.stringify(z.toJSONSchema(schema, { target: 'draft-2020-12', reused: 'ref' }), null, 2)}\n`;
  if (process.env['WRITE_SCHEMA'] === '1') writeFileSync(file, made);
  expect(readFileSync(file, 'utf8')).toBe(made);
});
