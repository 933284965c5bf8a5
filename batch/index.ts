import { createInterface } from 'node:readline';
import { answerBatchLine } from './answer';

for await (const line of createInterface({ input: process.stdin, crlfDelay: Infinity }))
  if (line.trim() !== '') process.stdout.write(`${JSON.stringify(answerBatchLine(line))}\n`);
