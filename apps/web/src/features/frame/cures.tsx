import type { Remedy } from '@hobrek/core';
import { TryCure } from '../../open-build/try-cure.js';
import { unbroken } from '../../shared/unbroken.js';

/** What would do, and each of it as a button. */
export function Cures({ remedy: { says, cures }, isShort }: { remedy: Remedy; isShort: boolean }) {
  return (
    <p className="apart text-[0.95rem] leading-snug pointer-coarse:flex pointer-coarse:flex-wrap">
      {!isShort && unbroken(says)}{' '}
      {cures.map((cure) => (
        <TryCure key={cure.says} cure={cure} />
      ))}
    </p>
  );
}
