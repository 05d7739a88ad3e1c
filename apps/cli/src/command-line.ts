import { safeJson, withoutControls } from '@hobrek/core';
import { Command, CommanderError } from 'commander';
import { check } from './commands/check.js';
import { draw } from './commands/draw.js';
import { fields } from './commands/fields.js';
import { find } from './commands/find.js';
import { listFormulas } from './commands/formulas.js';
import { markdown } from './commands/markdown.js';
import { need } from './commands/need.js';
import { sum } from './commands/sum.js';
import { table } from './commands/table.js';
import { why } from './commands/why.js';
import { type Outcome, Refusal } from './refusal.js';

const badInput = 2;

/** Where a command line writes to. */
export interface Terminal {
  readonly out: (text: string) => void;
  readonly err: (text: string) => void;
}

/**
 * Runs a command line.
 * @param args what stands behind `hobrek`
 * @returns how it ends: 0 when all holds, 1 when something fails, 2 when the input could not be used
 */
export async function answer(args: readonly string[], terminal: Terminal): Promise<number> {
  const { out, err } = terminal;
  let exit = 0;
  const print = async (outcome: Outcome | Promise<Outcome>, { json }: { json?: boolean }): Promise<void> => {
    const done = await outcome;
    // A name may hold what a terminal takes for a command.
    out(`${json ? safeJson(JSON.stringify(done.json, null, 2)) : withoutControls(done.text)}\n`);
    exit = done.exit;
  };
  try {
    await programOf(print, terminal).parseAsync(args, { from: 'user' });
  } catch (error) {
    if (error instanceof CommanderError) return error.exitCode === 0 ? 0 : badInput;
    if (!(error instanceof Refusal)) throw error;
    err(`${withoutControls(error.message).replace(/\s*\n\s*/g, ' ')}\n`);
    return badInput;
  }
  return exit;
}

type Print = (outcome: Outcome | Promise<Outcome>, options: { json?: boolean }) => Promise<void>;

function programOf(print: Print, { out, err }: Terminal): Command {
  const program = new Command('hobrek')
    .description('Works out shop-built machines: what reaches the tool, what holds and what fails.')
    .exitOverride()
    // Before its commands: each takes over what is set by then.
    .configureOutput({ writeOut: out, writeErr: err })
    .addHelpText('after', '\nEnds with 0 when all holds, 1 when something fails, 2 when the input could not be used.');

  program
    .command('check')
    .description('work out a build file')
    .argument('<file>', 'a build file, such as demo/apple-crusher.json')
    .option('--json', 'figures and checks as JSON')
    .action((file: string, options) => print(check(file), options));

  program
    .command('markdown')
    .description('a build file as a page to print or keep beside the machine')
    .argument('<file>', 'a build file')
    .option('--json', 'as JSON')
    .action((file: string, options) => print(markdown(file), options));

  program
    .command('need')
    .description('what motor a build needs, worked out backwards from its work: ends with 0 when a class is named, 1 when something is missing')
    .argument('<file>', 'a build file, its motor entered or not')
    .option('--json', 'figures and class as JSON')
    .action((file: string, options) => print(need(file), options));

  program
    .command('find')
    .description('what could lie between motor and tool of a build, from stock and from one’s own drawer: ends with 0 with a proposal, 1 without')
    .argument('<file>', 'a build file with its motor and its work; what is between them does not count')
    .option('--drawer <file>', 'own parts, a line each: P1 pulley A 80 mm, bore 19 mm')
    .option('--line <name>', 'which one, of several lines')
    .option('--json', 'every proposal as JSON')
    .action((file: string, options) => print(find(file, options), options));

  program
    .command('draw')
    .description('the machine in side view, or its shafts: DXF in true millimetres, or SVG on paper to a scale')
    .argument('<file>', 'a build file')
    .option('--as <form>', 'svg or dxf', 'svg')
    .option('--scale <times>', '5 for 1:5, SVG only', '5')
    .option('--line <name>', 'which one, of several lines')
    .option('--shafts', 'its shafts with their sections and places, for whoever makes them')
    .option('--json', 'its lines and circles as JSON')
    .action((file: string, options) => print(draw(file, options), options));

  program
    .command('table')
    .description('a table of a build file as CSV: figures, checks or parts')
    .argument('<file>', 'a build file')
    .argument('<what>', 'figures, checks or parts')
    .option('--json', 'as JSON')
    .action((file: string, what: string, options) => print(table(file, what), options));

  program
    .command('why')
    .description('why a figure or a check of a build is what it is: why demo/apple-crusher.json main/belt/torque')
    .argument('<file>', 'a build file')
    .argument('<path>', 'line/element/figure, as check --json lists them')
    .option('--json', 'as JSON')
    .action((file: string, path: string, options) => print(why(file, path), options));

  program
    .command('fields')
    .description('list the kinds, or show the fields of one and what each takes')
    .argument('[kind]')
    .option('--json', 'as JSON')
    .action((kind: string | undefined, options) => print(fields(kind), options));

  program
    .command('formulas')
    .description('list the formulas, or show one with its source and where it is good')
    .argument('[id]')
    .option('--json', 'as JSON')
    .action((id: string | undefined, options) => print(listFormulas(id), options));

  program
    .command('sum')
    .description('work one formula: sum rim-speed d=75mm n=1425rpm')
    .argument('<id>', 'the formula')
    .argument('[values...]', 'its inputs as name=value, in any usual unit')
    .option('--json', 'as JSON')
    .action((id: string, values: string[], options) => print(sum(id, values), options));

  return program;
}
