import { asMarkdown, evaluateBuild, loadKinds } from '@hobrek/core';
import type { Outcome } from '../refusal.js';
import { buildFrom } from './read-file.js';

/**
 * A build file as Markdown, to be printed or kept beside the machine.
 * @throws Refusal naming the file, the place in it and what is wrong there
 */
export async function markdown(file: string): Promise<Outcome> {
  const { build } = await buildFrom(file);
  const text = asMarkdown(build, evaluateBuild(build, await loadKinds(build)));
  return { text, json: { markdown: text }, exit: 0 };
}
