import type { Server } from 'node:http';
import type { Socket } from 'node:net';
import { isLoopback } from './security.js';

/** Within so long a request has to say what it is, and be here whole: a picture of 25 MB over a weak network takes a minute. */
const [headers_ms, whole_ms] = [10_000, 120_000];
/** Lines that one device, and all of the network together, may hold open: a browser holds six. */
export const lines = { each: 40, all: 160 } as const;

/** Limits of what may be held open: nobody on the network takes all of it, and the machine itself is never counted. */
export function holdLine(server: Server): void {
  server.headersTimeout = headers_ms;
  server.requestTimeout = whole_ms;
  const held = new Map<string, number>();
  let all = 0;
  server.on('connection', (socket: Socket) => {
    const { remoteAddress: address = '' } = socket;
    if (isLoopback(address)) return;
    const many = held.get(address) ?? 0;
    if (many >= lines.each || all >= lines.all) {
      socket.destroy();
      return;
    }
    held.set(address, many + 1);
    all += 1;
    socket.once('close', () => {
      all -= 1;
      const left = (held.get(address) ?? 1) - 1;
      if (left > 0) held.set(address, left);
      else held.delete(address);
    });
  });
}
