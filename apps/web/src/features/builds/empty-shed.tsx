import type { StoredBuild } from '@hobrek/contracts';
import { useMutation } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { send } from '../../shared/ask.js';

/** What Hobrek does, for who has nothing in it yet: a sentence, a drawing, the first step and a finished machine to look at. */
export function EmptyShed() {
  const navigate = useNavigate();
  const bring = useMutation({
    mutationFn: async () => send<StoredBuild>('POST', 'builds', (await import('../../../../../demo/apple-crusher.json')).default),
    onSuccess: ({ id }) => navigate(`/builds/${id}`),
  });
  return (
    <section aria-label="an empty shed" className="mx-6 mt-8 max-w-3xl max-sm:mx-4">
      <p className="text-2xl leading-snug">
        Say what the machine is to do, and what is stamped on the motor: Hobrek draws what is between them, walks the speed down and the torque back
        up it, and says what holds, what fails first in a jam, and why.
      </p>
      <Picture />
      <p className="mt-4 flex flex-wrap items-baseline gap-x-6 gap-y-2">
        <Link to="/start" className="bg-blue px-5 py-1.5 font-head text-lg tracking-wide text-sheet">
          Start a build
        </Link>
        <button type="button" className="cursor-pointer font-semibold text-blue hover:underline" onClick={() => bring.mutate()}>
          Look at a finished one: an apple crusher
        </button>
      </p>
      {bring.error && <p className="mt-2 text-fails-word">{bring.error.message} Nothing is lost; try again in a moment.</p>}
    </section>
  );
}

/** A motor, what is between, a tool: the speed on its way down, the torque on its way up. */
function Picture() {
  return (
    <svg viewBox="0 0 620 150" className="mt-4 w-full max-w-xl" fill="none" stroke="var(--blue)" strokeWidth={1.5} aria-hidden="true">
      <rect x="14" y="48" width="96" height="54" />
      <path d="M30 102v12M94 102v12M110 75h26" />
      <circle cx="150" cy="75" r="16" />
      <circle cx="360" cy="75" r="52" />
      <path d="M154 59.5 373 24.6M154 90.5 373 125.4" strokeWidth={2.2} />
      <path d="M412 75h58" />
      <circle cx="510" cy="75" r="40" />
      <path d="M510 35l9 14M550 75l-14 9M510 115l-9-14M470 75l14-9M538 47l-3 16M538 103l-16-3M482 103l3-16M482 47l16 3" />
      <g stroke="var(--soft)" strokeWidth={1} strokeDasharray="10 3 2 3">
        <path d="M4 75h588M360 12v126M510 22v106" />
      </g>
      <g stroke="var(--brass)" strokeWidth={1.6}>
        <path d="M60 30h450m-9-5 9 5-9 5" />
        <path d="M510 141H60m9-5-9 5 9 5" />
      </g>
      <g fill="var(--ink)" stroke="none" fontSize="14">
        <text x="60" y="22">
          speed
        </text>
        <text x="510" y="136" textAnchor="end">
          torque
        </text>
      </g>
    </svg>
  );
}
