import { networkInterfaces } from 'node:os';

/** This machine's own IPv4 addresses on its networks, loopback left out. */
export const lanAddresses = (): readonly string[] =>
  Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .filter(({ family, internal, address }) => family === 'IPv4' && !internal && !address.startsWith('169.254.'))
    .map(({ address }) => address);
