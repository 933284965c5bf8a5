import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { request as httpRequest } from 'node:http';
import type { IncomingHttpHeaders, Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { createApp } from './app';

const root = mkdtempSync(join(tmpdir(), 'ulkav-'));
const index = '<!doctype html><title>Ulkav</title>';
writeFileSync(join(root, 'index.html'), index);
mkdirSync(join(root, '_expo/static/js'), { recursive: true });
writeFileSync(join(root, '_expo/static/js/a-0123.js'), 'plain');
writeFileSync(join(root, '_expo/static/js/a-0123.js.br'), brotliCompressSync('squeezed'));
const notebook = join(root, '.demo.json');
writeFileSync(notebook, '{"demo":true}');

let server: Server;
const start = (demoNotebook: string | null) =>
  new Promise<void>((resolve) => {
    server = createApp({ root, demoNotebook }).listen(0, () => resolve());
  });
afterEach(() => new Promise((resolve) => server.close(resolve)));

function get(path: string, headers: Record<string, string> = {}) {
  const { port } = server.address() as AddressInfo;
  return new Promise<{ status: number; headers: IncomingHttpHeaders; body: Buffer }>((resolve, reject) => {
    httpRequest({ port, path, headers, agent: false }, (res) => {
      const parts: Buffer[] = [];
      res.on('data', (part: Buffer) => parts.push(part));
      res.on('end', () => resolve({ status: res.statusCode ?? 0, headers: res.headers, body: Buffer.concat(parts) }));
    })
      .on('error', reject)
      .end();
  });
}

test.each([
  ['/', 200, index],
  ['/shelf', 200, index],
  ['/healthz', 200, '{"ok":true}'],
  ['/nothing.js', 404, 'Not found'],
  ['/demo-notebook.json', 204, ''],
])('%s answers %i', async (path, status, body) => {
  await start(null);
  const answer = await get(path);
  expect([answer.status, answer.body.toString()]).toEqual([status, body]);
});

test('hashed files are sent compressed and kept for a year, the index is asked for again', async () => {
  await start(notebook);
  const script = await get('/_expo/static/js/a-0123.js', { 'accept-encoding': 'br' });
  expect(script.headers).toMatchObject({
    'content-encoding': 'br',
    'cache-control': 'public, max-age=31536000, immutable',
  });
  expect((await get('/_expo/static/js/a-0123.js')).body.toString()).toBe('plain');
  expect((await get('/shelf')).headers['cache-control']).toBe('no-cache');
  expect((await get('/demo-notebook.json')).body.toString()).toBe('{"demo":true}');
});

test('every answer carries the security headers', async () => {
  await start(null);
  const { headers } = await get('/shelf');
  expect(headers).toMatchObject({
    'cross-origin-opener-policy': 'same-origin',
    'cross-origin-embedder-policy': 'require-corp',
    'x-content-type-options': 'nosniff',
    'permissions-policy': expect.stringContaining('camera=()') as string,
  });
  const policy = headers['content-security-policy'] as string;
  expect(policy).toContain("script-src 'self';");
  expect(policy).not.toMatch(/unsafe-eval|script-src[^;]*unsafe-inline/);
  expect(headers['x-powered-by']).toBeUndefined();
});

test('a range past the end is told by its status, and nothing of ours', async () => {
  await start(null);
  const { status, body } = await get('/_expo/static/js/a-0123.js', { range: 'bytes=900-' });
  expect([status, body.toString()]).toEqual([416, 'Range Not Satisfiable']);
});
