import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';

/** The time of the newest change among files and folders, in milliseconds; 0 when none exists. */
export function newestChange(paths) {
  let newest = 0;
  for (const path of paths) {
    if (!existsSync(path)) continue;
    const stat = statSync(path);
    if (stat.isDirectory()) newest = Math.max(newest, newestChange(readdirSync(path).map((name) => join(path, name))));
    else newest = Math.max(newest, stat.mtimeMs);
  }
  return newest;
}
