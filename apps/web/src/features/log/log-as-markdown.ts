import type { BuildLog, Note, Revision } from '@hobrek/contracts';
import { plainInMarkdown } from '@hobrek/core';
import { when } from '../../shared/dates.js';

type Line = { readonly at: string; readonly text: string };

const head = (at: string, by: string, more: string) => `**${when(at)}${by ? `, ${plainInMarkdown(by)}` : ''}**${more}`;

const ofNote = ({ at, by, text, tags, photos }: Note): Line => {
  const about = [...tags.map(plainInMarkdown), ...(photos.length === 0 ? [] : [photos.length === 1 ? 'one photo' : `${photos.length} photos`])];
  return { at, text: `${head(at, by, about.length > 0 ? ` (${about.join(', ')})` : '')}\n\n${plainInMarkdown(text)}`.trim() };
};

const ofRevision = ({ savedAt, by, changes }: Revision): Line => ({
  at: savedAt,
  text: `${head(savedAt, by, ' changed')}\n\n${changes.map((change) => `- ${plainInMarkdown(change)}`).join('\n') || '- Kept as it was'}`,
});

/** All that was done to a build and written down about it, newest first, as a page of text. */
export function logAsMarkdown(name: string, { notes, revisions }: Pick<BuildLog, 'notes' | 'revisions'>): string {
  const lines = [...notes.map(ofNote), ...revisions.map(ofRevision)].sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : 0));
  return `${[`# Log of ${plainInMarkdown(name)}`, ...lines.map(({ text }) => text)].join('\n\n')}\n`;
}
