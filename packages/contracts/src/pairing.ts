import 'reflect-metadata';
import { IsString, Length, Matches } from 'class-validator';

/** A device that is to be let in: the code from the main screen, and what it calls itself. */
export class PairContract {
  @Matches(/^\d{6}$/, { message: 'code must be the six digits that the main screen shows' })
  code: string;

  @IsString()
  @Length(1, 40)
  name: string;
}

/** What whoever sends the request is to this Hobrek. */
export type Standing =
  /** On the machine itself. */
  | { readonly from: 'main'; readonly lan: false }
  | {
      readonly from: 'main';
      readonly lan: true;
      /** A code is shown that was not used yet. */
      readonly waits: boolean;
      readonly addresses: readonly string[];
      readonly devices: readonly Device[];
    }
  /** Over the network. */
  | { readonly from: 'network'; readonly device: string | null };

/** A device that was let in and may come back until its session is ended or it stays away for thirty days. */
export interface Device {
  readonly id: string;
  readonly name: string;
  readonly since: string;
  readonly seen: string;
}

/** What the main screen shows for a device to be let in. */
export interface PairingCode {
  readonly code: string;
  readonly until: string;
}
