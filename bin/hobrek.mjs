// `npm run -s hobrek -- …`: the command line, built first when it is older than its sources.
import { buildCommandLine, commandLine, commandLineIsOld } from './parts/build.mjs';
import { installPackages } from './parts/install.mjs';

if (commandLineIsOld()) {
  await installPackages((line) => process.stderr.write(`${line}\n`));
  await buildCommandLine();
}
await import(commandLine);
