import { z } from 'zod/mini';
import { notebookSchema } from './schema';

/** The published JSON Schema of the notebook file. */
export const notebookJsonSchema = (): object =>
  z.toJSONSchema(notebookSchema, { target: 'draft-2020-12', reused: 'ref' });
