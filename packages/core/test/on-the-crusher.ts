import type { Known } from '../src/figure/figure.js';
import { loadKinds } from '../src/kinds/registry.js';
import { withKind } from '../src/machine/reshape.js';
import { afterTyping, crusher } from './crusher.js';
import { type ToldBuild, told } from './told.js';

const kinds = await loadKinds();

/** The demo crusher with another motor on its belt. */
export function put(kind: string, entries: Readonly<Record<string, string>>, feed: Readonly<Record<string, string>> = {}): ToldBuild {
  const bare = withKind(withKind(crusher(), 'main/source', 'open'), 'main/source', kind);
  const [
    {
      source: { was: _, ...source },
    },
  ] = bare.lines as never as readonly [{ readonly source: { readonly was: unknown } }];
  const clean = { ...bare, lines: bare.lines.map((line) => ({ ...line, source: { ...source, inputs: {} } })) } as unknown as typeof bare;
  const typed = Object.entries(entries).map(([name, text]) => [`main/source/${name}`, text]);
  const fed = Object.keys(feed).length > 0 ? withKind(clean, 'main/feed', 'as-given') : clean;
  return told(afterTyping(fed, Object.fromEntries([...typed, ...Object.entries(feed).map(([name, text]) => [`main/feed/${name}`, text])])), kinds);
}

/** One of its figures, which is known. */
export const figure = (build: ToldBuild, name: string) => build.lines[0]?.figures.get('main/source')?.get(name) as Known;
/** One of its checks. */
export const check = (build: ToldBuild, name: string) => build.checks.find(({ id }) => id === `main/source/check-${name}`);

/** Smooth direct current of so many volts. */
export const direct = (voltage: string) => ({ voltage, current: 'dc', ripple: 'smooth' });
