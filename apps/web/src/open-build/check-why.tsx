import { lineOf, nameOf, reserveInShort, reserveOf } from '@hobrek/core';
import { memo } from 'react';
import { unbroken } from '../shared/unbroken.js';
import { checkOf } from './check-of.js';
import { useOpen } from './here.js';
import { useDerived, useFollowed } from './in-sight.js';
import { WhyTrail } from './why.js';
import { AskWhy } from './why-here.js';

/** What is left of a check's limit; pressed, it says what was held against what, by which rule. */
export const CheckWhy = memo(function CheckWhy({ id }: { id: string }) {
  const { headed } = useOpen();
  const told = useDerived(({ build, evaluation }) => {
    const check = checkOf(evaluation, id);
    return check ? `${reserveInShort(check)}|${reserveOf(check)}|${headed(nameOf(check, lineOf(build, check.at.split('/')[0])))}` : '||';
  });
  const [left = '', whole, ...name] = told.split('|');
  return (
    <AskWhy
      answer={<Held id={id} />}
      className="text-right text-sm leading-tight font-semibold"
      aria-label={`${name.join('|')}, ${whole || 'not known'}: why?`}
    >
      {left ? unbroken(left) : '?'}
    </AskWhy>
  );
});

/** What a check holds against what, by which rule, and what would turn it; each side is walked into in place. */
export function Held({ id }: { id: string }) {
  const check = useFollowed(true, ({ evaluation }) => checkOf(evaluation, id));
  const { headed } = useOpen();
  const name = useFollowed(true, ({ build }) => (check ? headed(nameOf(check, lineOf(build, check.at.split('/')[0]))) : ''));
  return check ? <WhyTrail check={check} name={name} /> : null;
}
