import type { ListedBuild } from '@hobrek/contracts';
import { DrawnToScale } from '../kinds/drawn-to-scale.js';
import { PageHead } from '../shared/page-head.js';
import { unbroken } from '../shared/unbroken.js';
import { VerdictMark } from '../shared/verdict-mark.js';

/** Room for the machine, px. */
const most = { width: 1180, height: 300 };

/** A build as the server last worked it out: name, sentence, machine and what reaches the tool. Seen until the page is here that works it out itself. @param hasMachine whether that begins with the machine */
export function Glance({ listed: { name, summary }, hasMachine }: { listed: ListedBuild; hasMachine: boolean }) {
  const { verdict, says, speed, torque, path } = summary;
  const atTool = [speed, torque].flatMap((shown) => (shown ? [`${shown.number}\u00a0${shown.symbol}`] : []));
  return (
    <div aria-busy="true">
      <PageHead isRuled={false} isRoomy={false} hasCommands={false}>
        <h1 className="font-head min-w-0 grow basis-32 truncate text-2xl">
          <title>{`${name} · Hobrek`}</title>
          {name}
        </h1>
      </PageHead>
      <main className="px-6 pt-1 max-sm:px-4">
        <p className="text-xl leading-snug">
          <VerdictMark verdict={verdict} /> {unbroken(says)}
        </p>
        <p className="text-soft">
          {path}
          {atTool.length > 0 && `: ${atTool.join(', ')} at the tool`}
        </p>
        {hasMachine && (
          <div className="mt-4">
            <DrawnToScale name={name} summary={summary} width={Math.min(most.width, innerWidth - 48)} height={most.height} />
          </div>
        )}
      </main>
    </div>
  );
}
