import type { ReactNode } from 'react';
import { ViewsBeside } from '../element/views-beside.js';

const views = [
  ['motor', 'What it is'],
  ['needs', 'What it needs'],
  ['drives', 'What it could drive'],
] as const;

/** The pages about a motor. */
export const MotorViews = ({ children }: { children?: ReactNode }) => (
  <ViewsBeside called="about the motor" views={views}>
    {children}
  </ViewsBeside>
);
