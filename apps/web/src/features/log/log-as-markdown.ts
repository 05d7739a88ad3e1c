import type { BuildLog, Note, Revision } from '@hobrek/contracts';
import { when } from '../../shared/dates.js';

type Line = { readonly at: string; readonly text: string };

/** What a person wrote stays text: what would be a heading, a list, a link or a tag in Markdown is kept from being one. */
const plain = (text: string) =>
  text
    .replace(/[\\`*_[\]<>#|~]/g, '\\$&')
    .replace(/^(\s*)([-+])(?=\s)/gm, '$1\\$2')
    .replace(/^(\s*\d+)([.)])(?=\s)/gm, '$1\\$2');

const head = (at: string, by: string, more: string) => `**${when(at)}${by ? `, ${plain(by)}` : ''}**${more}`;

const ofNote = ({ at, by, text, tags, photos }: Note): Line => {
  const about = [...tags.map(plain), ...(photos.length === 0 ? [] : [photos.length === 1 ? 'one photo' : `${photos.length} photos`])];
  return { at, text: `${head(at, by, about.length > 0 ? ` (${about.join(', ')})` : '')}\n\n${plain(text)}`.trim() };
};

const ofRevision = ({ savedAt, by, changes }: Revision): Line => ({
  at: savedAt,
  text: `${head(savedAt, by, ' changed')}\n\n${changes.map((change) => `- ${plain(change)}`).join('\n') || '- Kept as it was'}`,
});

/** All that was done to a build and written down about it, newest first, as a page of text. */
export function logAsMarkdown(name: string, { notes, revisions }: Pick<BuildLog, 'notes' | 'revisions'>): string {
  const lines = [...notes.map(ofNote), ...revisions.map(ofRevision)].sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : 0));
  return `${[`# Log of ${plain(name)}`, ...lines.map(({ text }) => text)].join('\n\n')}\n`;
}
