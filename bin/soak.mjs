// `npm run soak [-- seconds]`: random people edit, conflict, bring back, delete, take away and bring in on two servers, five minutes when not said; as long
// with the database, the server and the start command killed under them; then 5,000 damaged files and 20,000 malformed requests, of which `npm test` has a taste.
import { checkNode, installPackages } from './parts/install.mjs';
import { tool } from './parts/places.mjs';
import { run } from './parts/run.mjs';

const [seconds = '300'] = process.argv.slice(2);
const long = [
  ['apps/server/src/soak.test.ts', { HOBREK_SOAK: seconds, NODE_OPTIONS: '--expose-gc' }],
  ['bin/soak-kills.test.ts', { HOBREK_SOAK: seconds }],
  ['apps/server/src/modules/builds/shed.test.ts', { HOBREK_MANY: '5000' }],
  ['apps/server/src/modules/builds/malformed.test.ts', { HOBREK_MANY: '20000' }],
];
checkNode();
await installPackages((line) => process.stdout.write(`${line}\n`));
for (const [file, env] of long) await run(tool('vitest'), ['run', '--project', 'server', file], { env: { ...process.env, ...env } });
