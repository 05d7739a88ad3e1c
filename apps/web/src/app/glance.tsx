import type { ListedBuild } from '@hobrek/contracts';
import { fitDrawing, MachineDrawing } from '../kinds/machine-drawing.js';
import { PageHead } from '../shared/page-head.js';
import { unbroken } from '../shared/unbroken.js';
import { VerdictMark } from '../shared/verdict-mark.js';

/** Room for the machine, px. */
const most = { width: 1180, height: 300 };

/** A build as the server last worked it out: name, sentence, machine and what reaches the tool. Seen until the page is here that works it out itself. @param hasMachine whether that begins with the machine */
export function Glance({ listed: { name, summary }, hasMachine }: { listed: ListedBuild; hasMachine: boolean }) {
  const { outlines, ends, verdict, says, speed, torque, path } = summary;
  const room = Math.min(most.width, innerWidth - 48);
  const drawn = fitDrawing(outlines, { width: room, height: most.height, ends });
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
          <svg
            viewBox={`0 0 ${drawn.width} ${drawn.height}`}
            width={drawn.width}
            height={drawn.height}
            className="mt-4 max-w-full"
            role="img"
            aria-label={`${name}, drawn to scale`}
          >
            <MachineDrawing stages={outlines} ends={ends} drawn={drawn} />
          </svg>
        )}
      </main>
    </div>
  );
}
