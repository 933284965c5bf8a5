import { readFileSync, writeFileSync } from 'node:fs';
import { z } from 'zod/mini';
import { NOTEBOOK_FORMAT, NOTEBOOK_VERSION } from '@/core/notebook/schema';
import { partSchemas } from './notebook';

const FILE = 'docs/notebook.schema.json';

// `WRITE_SCHEMA=1 npx jest json-schema` writes the file anew after the schema was changed on purpose.
test('the published schema is that of the code', () => {
  const schema = z.object({
    format: z.literal(NOTEBOOK_FORMAT),
    version: z.literal(NOTEBOOK_VERSION),
    ...partSchemas(),
  });
  const made = `${JSON.stringify(z.toJSONSchema(schema, { target: 'draft-2020-12', reused: 'ref' }), null, 2)}\n`;
  if (process.env['WRITE_SCHEMA'] === '1') writeFileSync(FILE, made);
  expect(readFileSync(FILE, 'utf8')).toBe(made);
});
