import type { CheckOutputs } from '../../checks/check-output.js';
import type { Context, FigureOutputs, LimitOutputs } from '../outputs.js';

export type None = Readonly<Record<never, never>>;

/** What a helper puts out on behalf of the kinds that use it: any of them that declares at least so much may hand over its context. */
export type Declares<F extends FigureOutputs = None, C extends CheckOutputs = None, L extends LimitOutputs = None> = Context<{
  readonly figures: F;
  readonly checks: C;
  readonly limits: L;
}>;
