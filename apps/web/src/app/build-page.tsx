import type { ReactNode } from 'react';
import { BuildFrame } from '../features/frame/index.js';
import type { Stop } from '../open-build/stop.js';

/** Every folder of `features` with a `stop.ts` is a stop of the work. */
const found = import.meta.glob<Stop>('../features/*/stop.ts', { eager: true, import: 'stop' });
const stops = Object.values(found).sort((one, other) => one.order - other.order);

/** A build at one of its stops. @param meanwhile what is seen until it is there */
export const BuildPage = ({ meanwhile }: { meanwhile: ReactNode }) => <BuildFrame stops={stops} meanwhile={meanwhile} />;
