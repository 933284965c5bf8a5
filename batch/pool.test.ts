import { spawn } from 'node:child_process';
import { answerBatchLine } from './answer';

/** Lines sent through the very command; the answers in their order. */
function batch(lines: readonly string[]): Promise<readonly Record<string, unknown>[]> {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, ['scripts/batch.mjs'], { stdio: ['pipe', 'pipe', 'inherit'] });
    let text = '';
    child.stdout.on('data', (part: Buffer) => (text += part.toString()));
    child.on('error', reject);
    child.on('close', () =>
      resolve(
        text
          .trim()
          .split('\n')
          .map((line) => JSON.parse(line) as Record<string, unknown>),
      ),
    );
    child.stdin.end(`${lines.join('\n')}\n`);
  });
}

const evaluate = (id: number, expr: string): string => JSON.stringify({ id, do: 'evaluate', expr });

// Lines that once ended the command, or held it for a minute; the innocent ones between them are answered all the same.
test('every line is answered in its place, whatever stands in the others', async () => {
  const hostile: readonly (readonly [line: string, code: string])[] = [
    [evaluate(1, '2^2^2^2^2^2^2'), 'too-large'],
    [evaluate(3, '2^'.repeat(50)), 'syntax'],
    [evaluate(5, 'gcd(3^600000,2^900000-1)'), 'stopped'],
    [evaluate(7, '2^1e309'), 'too-large'],
    [`{"id":${'['.repeat(6000)}${']'.repeat(6000)},"do":"evaluate","expr":"1"}`, 'syntax'],
    [
      JSON.stringify({
        id: 11,
        do: 'curve',
        expr: 'sin(sum(sin(k*x),k,1,1000))',
        from: '-5',
        to: '5',
        yFrom: '-5',
        yTo: '5',
        width: 400,
        height: 400,
      }),
      'stopped',
    ],
    [
      JSON.stringify({ id: 13, do: 'fit', model: 'straight', x: ['1E900000', '1E-900000', '3'], y: ['1', '2', '3'] }),
      'too-large',
    ],
    [
      JSON.stringify({
        id: 15,
        do: 'fit',
        model: 'polynomial',
        degree: 10,
        x: Array.from({ length: 20 }, (_, i) => `${i}.${'123'.repeat(100)}`),
        y: Array.from({ length: 20 }, (_, i) => `${i * i}.${'321'.repeat(100)}`),
      }),
      'too-large',
    ],
    ['not JSON', 'syntax'],
  ];
  const answers = await batch(hostile.flatMap(([line], i) => [line, evaluate(100 + i, `${i}+1`)]));
  expect(answers.filter((_, i) => i % 2 === 0).map((a) => (a['problem'] as { code: string }).code)).toEqual(
    hostile.map(([, code]) => code),
  );
  expect(answers.filter((_, i) => i % 2 === 1).map((a) => [a['id'], a['decimal']])).toEqual(
    hostile.map((_, i) => [100 + i, `${i + 1}`]),
  );
}, 120_000);

test('many lines keep their order', async () => {
  const answers = await batch(Array.from({ length: 2000 }, (_, i) => evaluate(i, `${i}*2`)));
  expect(answers.map((a) => [a['id'], a['decimal']])).toEqual(Array.from({ length: 2000 }, (_, i) => [i, `${2 * i}`]));
}, 120_000);

test.each([
  ['running', Array.from({ length: 5000 }, () => 'open'), 'syntax'],
  ['running', Array.from({ length: 1000 }, () => ['d9', 'power']).flat(), 'syntax'],
  ['stack', ['x', 'not'], 'syntax'],
  ['stack', ['x', 'd2', 'less', 'd3', 'plus'], 'syntax'],
  ['stack', ['x', ...Array.from({ length: 8 }, () => ['copy', 'plus']).flat()], 'syntax'],
])('in %s the keys %j are refused and not thrown at', (style, ids, code) => {
  const answer = answerBatchLine(JSON.stringify({ id: 1, do: 'keys', style, keys: ids }), 20_000);
  expect(answer).toMatchObject({ ok: true, problem: { code } });
});
