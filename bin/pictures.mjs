// `npm run pictures [-- -g words]`: takes the pictures of the README anew, of the demo.
import { checkNode, installPackages } from './parts/install.mjs';
import { tool } from './parts/places.mjs';
import { run } from './parts/run.mjs';

checkNode();
await installPackages((line) => process.stdout.write(`${line}\n`));
await run(tool('playwright'), ['test', '--config', 'e2e/pictures/playwright.config.ts', ...process.argv.slice(2)]);
