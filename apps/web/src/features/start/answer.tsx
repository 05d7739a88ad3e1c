import { kindHead, lineOf, type Need, needOf, sizedBuild } from '@hobrek/core';
import { useMemo, useState } from 'react';
import { FigureText } from '../../open-build/figure-text.js';
import { useDocument, useOpen } from '../../open-build/here.js';
import { useDerived } from '../../open-build/in-sight.js';
import { copyText } from '../../shared/copy-text.js';
import { show } from '../../shared/in-my-units.js';
import { useUnits } from '../../shared/preferences.js';
import { Rivets } from '../../shared/rivets.js';
import { unbroken } from '../../shared/unbroken.js';
import { VerdictMark } from '../../shared/verdict-mark.js';
import { useSizeName } from './size-name.js';
import { SizeRuler } from './size-ruler.js';

/** What the few fields need of a motor, worked out at every key. */
export function useNeed(): Need | null {
  const { kinds } = useOpen();
  const build = useDocument((document) => document.build);
  return useMemo(() => needOf(sizedBuild(build), kinds), [build, kinds]);
}

/** The answer in one line, for where there is room for no more. */
export function ShortAnswer() {
  const { allSaid } = useOpen();
  const need = useNeed();
  const named = useSizeName();
  if (!need) return null;
  const { motor, torque, speed } = need;
  return (
    <p data-testid="short-answer" className="text-lg leading-snug">
      {motor && torque.known && speed.known ? (
        <>
          Look for a motor of <b className="font-semibold whitespace-nowrap">{named(motor.output_W)}</b>{' '}
          <span className="text-base text-soft">
            {show(torque.value, 'N·m')} at {show(speed.value, 'rpm')}
          </span>
        </>
      ) : (
        allSaid(need.says)
      )}
    </p>
  );
}

/** Speed, torque, power, one rule of motor sizes, the line to copy, and what hangs on it. */
export function Answer() {
  const { said, allSaid } = useOpen();
  const need = useNeed();
  const line = useDocument(({ build }) => lineOf(build, null));
  const failing = useDerived(({ evaluation }) => evaluation.checks.find(({ verdict }) => verdict === 'fails'));
  const units = useUnits();
  if (!need) return null;
  const { motor, says, tooSmall, bigger, instead } = need;
  const at = `${line.id}/need`;
  const sizing = kindHead('work', line.work.kind)?.sizing;
  if (!motor)
    return (
      <p data-testid="sentence" className="text-xl leading-snug">
        {allSaid(says)}
      </p>
    );
  const [first, look] = says;
  return (
    <div className="grid gap-y-3" data-units={units}>
      <p data-testid="sentence" className="text-xl leading-snug">
        {first && unbroken(said(first))}
      </p>
      {failing && (
        <p role="status" className="text-fails-word">
          <VerdictMark verdict="fails" /> {said(failing.says)}
        </p>
      )}
      <dl className="grid grid-cols-4 gap-x-4 max-sm:grid-cols-2 max-sm:gap-y-2">
        {figures.map(([name, label]) => (
          <div key={name} className="border-l-2 border-brass pl-2">
            <dt className="text-sm text-soft">{label}</dt>
            <dd>
              <FigureText path={`${at}/${name}`} name={label} size="text-2xl" />
            </dd>
          </div>
        ))}
      </dl>
      <SizeRuler need={need} />
      <ShoppingLine text={allSaid(need.shoppingLine)} also={allSaid(instead)} />
      <div className="grid grid-cols-3 gap-x-5 gap-y-2 text-[0.95rem] leading-snug max-sm:grid-cols-1">
        <Aside title="Between them" tone="text-blue" says={allSaid(need.between)}>
          {sizing && `Usually driven by ${sizing.driven}.`}
        </Aside>
        <Aside title="One size less" tone="text-fails-word" says={allSaid(tooSmall) || 'There is none that is made.'} />
        <Aside title="Larger “to be safe”" tone="text-close-word" says={allSaid(bigger)} />
      </div>
      <p className="text-[0.95rem] leading-snug">{unbroken(allSaid([...(look ? [look] : []), ...need.feeds, ...need.unsure]))}</p>
      {sizing && (
        <p className="border-l-2 border-brass pl-2 text-[0.95rem] leading-snug">
          <b className="font-semibold">What decides most: </b>
          {sizing.try}
        </p>
      )}
    </div>
  );
}

const figures = [
  ['speed', 'at the tool'],
  ['torque', 'torque'],
  ['power', 'power there'],
  ['at-motor', 'at the motor'],
] as const;

function Aside({ title, tone, says, children }: { title: string; tone: string; says: string; children?: string | undefined }) {
  return (
    <section>
      <h3 className={`font-head tracking-wide uppercase ${tone}`}>{title}</h3>
      <p>
        {unbroken(says)} {children}
      </p>
    </section>
  );
}

/** The motor to look for as a plate, to be copied into a message or an advertisement. */
function ShoppingLine({ text, also }: { text: string; also: string }) {
  const [copied, setCopied] = useState('');
  const copy = async () => setCopied((await copyText(text)) ? 'copied' : 'this browser does not let pages copy: select it by hand');
  return (
    <div>
      <div className="relative border border-ink bg-plate px-7 py-2">
        <Rivets />
        <div className="flex items-baseline justify-between">
          <h3 className="font-head text-sm tracking-wide text-close-word uppercase">Shopping line</h3>
          <span className="text-sm">
            <span role="status" className="text-soft">
              {copied}
            </span>{' '}
            <button type="button" className="cursor-pointer text-blue underline" onClick={() => void copy()}>
              copy
            </button>
          </span>
        </div>
        <p data-testid="shopping-line" className="text-lg leading-snug font-semibold">
          {text}
        </p>
      </div>
      {also && <p className="mt-1 text-[0.95rem] text-soft">{also}</p>}
    </div>
  );
}
