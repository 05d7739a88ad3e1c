import type { OwnPart } from './part.js';

/** What a build has reserved of the drawer. */
export interface Reserved {
  /** A line of the drawer, without how many there are. */
  readonly written: string;
  readonly many: number;
  /** Name of the build. */
  readonly by: string;
}

/** A line of the drawer without how many there are: by it a build names what it has reserved. */
export const writtenOf = ({ label, bare }: Pick<OwnPart, 'label' | 'bare'>): string => (/^line \d+$/.test(label) ? bare : `${label} ${bare}`);

const plain = (text: string): string => text.replace(/\s+/g, ' ').trim().toLowerCase();

/** A part of the drawer with who has reserved some of it. */
export interface Kept {
  readonly own: OwnPart;
  readonly by: readonly string[];
  /** So many of them are reserved, where fewer than there are. */
  readonly some: number | null;
  /** So many more are reserved than there are. */
  readonly short: number;
}

export interface Divided {
  /** What is left of the drawer for anyone. */
  readonly free: readonly OwnPart[];
  readonly kept: readonly Kept[];
  /** What is reserved and in no line of the drawer any more. */
  readonly gone: readonly Reserved[];
}

/** What is left of a drawer when others have reserved some of it. Of lines that are alike the first is taken first. */
export function withoutReserved(own: readonly OwnPart[], reserved: readonly Reserved[]): Divided {
  const taken = own.map(() => 0);
  const by = own.map((): string[] => []);
  const gone: Reserved[] = [];
  for (const each of reserved) {
    const alike = own.flatMap((part, k) => (plain(writtenOf(part)) === plain(each.written) ? [k] : []));
    if (alike.length === 0) gone.push(each);
    let left = each.many;
    for (const [n, k] of alike.entries()) {
      const room = (own[k] as OwnPart).many - (taken[k] as number);
      // More than there are: told of the last that is alike.
      const some = n === alike.length - 1 ? left : Math.min(left, Math.max(0, room));
      if (some <= 0) continue;
      taken[k] = (taken[k] as number) + some;
      if (!by[k]?.includes(each.by)) by[k]?.push(each.by);
      left -= some;
    }
  }
  return {
    free: own.flatMap((part, k) => {
      const many = part.many - (taken[k] as number);
      return many <= 0 ? [] : [many === part.many ? part : { ...part, many }];
    }),
    kept: own.flatMap((part, k) => {
      const many = taken[k] as number;
      return many > 0 ? [{ own: part, by: by[k] as string[], some: many < part.many ? many : null, short: Math.max(0, many - part.many) }] : [];
    }),
    gone,
  };
}
