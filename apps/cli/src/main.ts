import { answer } from './command-line.js';

process.exitCode = await answer(process.argv.slice(2), {
  out: (text) => process.stdout.write(text),
  err: (text) => process.stderr.write(text),
});
