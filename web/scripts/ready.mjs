// Installs the packages of the lock file, only when it has changed since the last time.
import { createHash } from 'node:crypto';
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';

const mark = 'node_modules/.lowfield-lock';
const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
if (!existsSync(mark) || readFileSync(mark, 'utf8') !== lock) {
  execFileSync('npm', ['ci', '--no-audit', '--no-fund'], { stdio: 'inherit' });
  writeFileSync(mark, lock);
}
