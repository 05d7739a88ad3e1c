import { useEffect, useRef } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { useOpen } from '../open-build/here.js';
import type { MotorAlong } from './drives.js';

const isAlong = (state: unknown): state is MotorAlong => typeof state === 'object' && state !== null && 'motor' in state && 'ratio' in state;

/** A motor that came along from another build is put in, once: one step, which undo takes back. */
export function useMotorAlong(): void {
  const { motorTaken } = useOpen();
  const { state, pathname, search } = useLocation();
  const navigate = useNavigate();
  const put = useRef<unknown>(null);
  useEffect(() => {
    if (!isAlong(state) || put.current === state) return;
    put.current = state;
    // Gone before it is put in: a reload, or the browser's back, does not put it in again.
    void navigate(`${pathname}${search}`, { replace: true, state: null });
    motorTaken(state.line, state.motor, state.ratio);
  }, [state, pathname, search, navigate, motorTaken]);
}
