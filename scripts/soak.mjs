import { spawnSync } from 'node:child_process';
import { installPackages } from './install.mjs';

/**
 * The long run of the tests in soak/: `npm run soak` tries a million actions and a hundred thousand hostile lines,
 * `npm run soak 0.05` a twentieth of it. The seed is printed, and can be given again by SOAK_SEED. Then notebooks that
 * another hand changed are drawn in the browser.
 */
installPackages();
const share = Number(process.argv[2] ?? 1);
const seed = process.env.SOAK_SEED ?? String(Date.now() % 1_000_000_000);
console.log(`share ${share}, seed ${seed}`);
const env = { ...process.env, SOAK: String(share), SOAK_SEED: seed };
const run = (command, args) => spawnSync(command, args, { stdio: 'inherit', env }).status === 0;
const isSound = run('npx', ['jest', 'soak/\\w+\\.test', '--verbose']);
const isDrawn = run('node', ['scripts/soak-drawing.mjs']);
process.exit(isSound && isDrawn ? 0 : 1);
