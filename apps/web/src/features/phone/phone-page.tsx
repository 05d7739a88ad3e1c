import type { Device, PairingCode, Standing } from '@hobrek/contracts';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { ask, send } from '../../shared/ask.js';
import { ago } from '../../shared/dates.js';
import { PageHead } from '../../shared/page-head.js';
import { PlainHttp } from '../../shared/plain-http.js';
import { Square } from './square.js';

/** On the main screen: the code that lets a device in, and the devices that were. On a device: how it goes again. */
export function PhonePage() {
  const standing = useQuery({
    queryKey: ['pairing'],
    queryFn: () => ask<Standing>('pairing'),
    staleTime: 0,
    gcTime: 0,
    // While someone is there with a phone.
    refetchInterval: 3_000,
  });
  return (
    <>
      <title>Phone · Hobrek</title>
      <PageHead>
        <h1 className="font-head text-xl">Phone</h1>
      </PageHead>
      <main className="px-6 py-4 max-sm:px-4">
        {standing.error && <p className="text-fails-word">{standing.error.message}</p>}
        {standing.data && <Shown standing={standing.data} />}
      </main>
    </>
  );
}

function Shown({ standing }: { standing: Standing }) {
  if (standing.from === 'network') return <OnDevice name={standing.device} />;
  if (!standing.lan) return <SwitchedOff />;
  return (
    <div className="grid max-w-5xl grid-cols-2 gap-x-12 gap-y-6 max-md:grid-cols-1">
      <LetIn addresses={standing.addresses} waits={standing.waits} />
      <Devices devices={standing.devices} />
      <div className="md:col-span-2">
        <PlainHttp />
      </div>
    </div>
  );
}

function SwitchedOff() {
  return (
    <>
      <p className="max-w-prose">
        Hobrek answers only on this machine. To have the drawing, the figures and the log on a phone in the shed, end Hobrek and start it with:
      </p>
      <p className="my-3">
        <code className="border border-hair bg-sheet px-3 py-1.5">HOBREK_LAN=1 npm start</code>
      </p>
      <p className="max-w-prose">A phone on the same network is then let in by a code that this page shows, and can be sent away again here.</p>
      <PlainHttp />
    </>
  );
}

function LetIn({ addresses, waits }: { addresses: readonly string[]; waits: boolean }) {
  const queries = useQueryClient();
  const [at, setAt] = useState(0);
  const show = useMutation({
    mutationFn: async () => {
      const shown = await send<PairingCode>('POST', 'pairing/code', {});
      await queries.invalidateQueries({ queryKey: ['pairing'] });
      return shown;
    },
  });
  const left = useSecondsUntil(show.data?.until);
  // Used, or tried wrongly too often, it is of no more use.
  const code = left > 0 && waits ? show.data?.code : undefined;
  const address = addresses[Math.min(at, addresses.length - 1)];
  if (!address) return <p>This machine has no address on a network: connect it first.</p>;
  return (
    <section aria-label="let a device in">
      <h2 className="font-head text-lg tracking-wide uppercase">Let a device in</h2>
      <p className="mt-1">
        On the phone, open <b className="whitespace-nowrap">{address}</b>
        {code && ' and enter'}
      </p>
      {addresses.length > 1 && (
        <p className="text-sm">
          <button type="button" className="cursor-pointer text-blue underline" onClick={() => setAt((at + 1) % addresses.length)}>
            another of this machine’s {addresses.length} addresses
          </button>
        </p>
      )}
      {code ? (
        <>
          <p data-testid="code" className="mt-2 font-head text-5xl tracking-[0.15em]">
            {code.slice(0, 3)} {code.slice(3)}
          </p>
          <p className="text-sm text-soft">for one device, {left >= 90 ? `another ${Math.round(left / 60)} minutes` : `another ${left} s`}</p>
          <p className="mt-3">or point its camera at this:</p>
          <Square text={`${address}/#${code}`} says={`opens ${address} with this code`} />
        </>
      ) : (
        <button
          type="button"
          className="mt-3 min-h-9 cursor-pointer border border-blue px-4 font-semibold text-blue"
          disabled={show.isPending}
          onClick={() => show.mutate()}
        >
          Show a code
        </button>
      )}
      {show.error && <p className="text-fails-word">{show.error.message}</p>}
    </section>
  );
}

function useSecondsUntil(until: string | undefined): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    setNow(Date.now());
    const timer = setInterval(() => setNow(Date.now()), 1_000);
    return () => clearInterval(timer);
  }, []);
  return until ? Math.max(0, Math.ceil((Date.parse(until) - now) / 1000)) : 0;
}

function Devices({ devices }: { devices: readonly Device[] }) {
  const queries = useQueryClient();
  const end = useMutation({
    mutationFn: (id: string) => ask(`pairing/sessions/${id}`, { method: 'DELETE' }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['pairing'] }),
  });
  return (
    <section aria-label="devices">
      <h2 className="font-head text-lg tracking-wide uppercase">Devices that are in</h2>
      {devices.length === 0 && <p className="mt-1 text-soft">None.</p>}
      <ul className="mt-1">
        {devices.map(({ id, name, seen }) => (
          <li key={id} className="flex items-baseline gap-4 border-b border-hair py-2">
            <b>{name}</b>
            <span className="text-sm text-soft">seen {ago(seen)}</span>
            <button type="button" className="ml-auto min-h-6 cursor-pointer text-blue underline" onClick={() => end.mutate(id)}>
              send away
            </button>
          </li>
        ))}
      </ul>
      {end.error && <p className="text-fails-word">{end.error.message}</p>}
      <p className="mt-2 max-w-prose text-sm text-soft">
        A device stays in until it is sent away, goes by itself, or is not seen for thirty days. Backups stay on this machine: no device can take one.
      </p>
    </section>
  );
}

function OnDevice({ name }: { name: string | null }) {
  const leave = useMutation({
    mutationFn: () => ask('pairing/session', { method: 'DELETE' }),
    onSuccess: () => location.replace('/'),
  });
  return (
    <>
      <p>This device is in{name ? ` as ${name}` : ''}.</p>
      <button type="button" className="mt-3 min-h-11 cursor-pointer border border-blue px-4 font-semibold text-blue" onClick={() => leave.mutate()}>
        Send this device away
      </button>
      {leave.error && <p className="text-fails-word">{leave.error.message}</p>}
      <PlainHttp />
    </>
  );
}
