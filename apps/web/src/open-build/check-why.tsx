import { reserveOf } from '@hobrek/core';
import { memo } from 'react';
import { unbroken } from '../shared/unbroken.js';
import { checkOf } from './check-of.js';
import { useDerived, useFollowed } from './in-sight.js';
import { WhyTrail } from './why.js';
import { AskWhy } from './why-here.js';

/** What is left of a check's limit; pressed, it says what was held against what, by which rule. */
export const CheckWhy = memo(function CheckWhy({ id }: { id: string }) {
  return (
    <AskWhy answer={<Held id={id} />} className="text-right text-sm leading-tight font-semibold">
      <Left id={id} />
    </AskWhy>
  );
});

function Left({ id }: { id: string }) {
  const left = useDerived(({ evaluation }) => {
    const check = checkOf(evaluation, id);
    return check ? reserveOf(check) : '';
  });
  return (
    <>
      {left ? unbroken(left) : '?'}
      <span className="sr-only"> Why?</span>
    </>
  );
}

function Held({ id }: { id: string }) {
  const check = useFollowed(true, ({ evaluation }) => checkOf(evaluation, id));
  if (!check) return null;
  return (
    <>
      <p className="text-sm text-soft">{check.source}.</p>
      <WhyTrail figure={check.has} name="limit" />
      <hr className="my-3 border-hair" />
      <WhyTrail figure={check.needs} name="needed" />
    </>
  );
}
