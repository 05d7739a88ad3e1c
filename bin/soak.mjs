// `npm run soak [-- seconds]`: random people edit, conflict, bring back, delete, take away and bring in on two servers; five minutes when not said.
import { checkNode, installPackages } from './parts/install.mjs';
import { tool } from './parts/places.mjs';
import { run } from './parts/run.mjs';

const [seconds = '300'] = process.argv.slice(2);
checkNode();
await installPackages((line) => process.stdout.write(`${line}\n`));
await run(tool('vitest'), ['run', '--project', 'server', 'apps/server/src/soak.test.ts'], {
  env: { ...process.env, HOBREK_SOAK: seconds, NODE_OPTIONS: '--expose-gc' },
});
