import type { Standing } from '@hobrek/contracts';
import { useMutation } from '@tanstack/react-query';
import { type FormEvent, useEffect, useState } from 'react';
import { send } from '../shared/ask.js';
import { deviceName, rememberDeviceName } from '../shared/device-name.js';
import { PlainHttp } from '../shared/plain-http.js';

/** The code as the square on the main screen carries it: behind the #, which a browser does not send. */
const codeFromAddress = () => /^#(\d{6})$/.exec(location.hash)?.[1] ?? '';

/** On a device that was not let in yet: the code from the main screen, and what the device is called. */
export function LetInPage() {
  const [code, setCode] = useState('');
  const [name, setName] = useState(() => deviceName() || 'phone');
  const ask = useMutation({
    mutationFn: () => send<Standing>('POST', 'pairing', { code: code.replaceAll(/\s/g, ''), name: name.trim() }),
    // All over again, from the page that was opened: what was refused before is requested anew.
    onSuccess: () => {
      rememberDeviceName(name);
      location.reload();
    },
  });
  useEffect(() => {
    // A code in the address is used once and must not stay in the history; the square may be read while this page is open.
    const take = () => {
      const read = codeFromAddress();
      if (!read) return;
      setCode(read);
      history.replaceState(null, '', location.pathname);
    };
    take();
    addEventListener('hashchange', take);
    return () => removeEventListener('hashchange', take);
  }, []);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    ask.mutate();
  };
  return (
    <main className="mx-auto max-w-md px-4 py-8">
      <title>Let this device in · Hobrek</title>
      <p className="font-head text-3xl tracking-wide text-blue uppercase">Hobrek</p>
      <h1 className="mt-4 font-head text-xl">Let this device in</h1>
      <p className="mt-2">On the machine that Hobrek runs on, open Phone from the list of builds and have it show a code.</p>
      <form onSubmit={submit} className="mt-5 flex flex-col gap-4">
        <label className="text-sm text-soft">
          Code
          <input
            inputMode="numeric"
            autoComplete="one-time-code"
            placeholder="6 digits"
            maxLength={9}
            value={code}
            onChange={(event) => setCode(event.target.value)}
            className="mt-1 block w-full border-b-[1.5px] border-ink bg-transparent py-1 text-3xl tracking-[0.2em] text-ink"
          />
        </label>
        <label className="text-sm text-soft">
          What this device is called
          <input
            maxLength={40}
            value={name}
            onChange={(event) => setName(event.target.value)}
            className="mt-1 block w-full border-b-[1.5px] border-ink bg-transparent py-1 text-lg text-ink"
          />
        </label>
        <button type="submit" disabled={ask.isPending} className="min-h-11 cursor-pointer border border-blue px-4 text-lg font-semibold text-blue">
          Let in
        </button>
        <p role="alert" className="text-fails-word">
          {ask.error?.message}
        </p>
      </form>
      <PlainHttp />
    </main>
  );
}
