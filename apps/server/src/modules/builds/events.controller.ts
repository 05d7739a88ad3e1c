import { Controller, type MessageEvent, Sse } from '@nestjs/common';
import { interval, map, merge, type Observable } from 'rxjs';
import { Changes } from '../../db/changes.js';

/** Often enough that nothing on the way takes the stream for dead. */
const sign_of_life_ms = 20_000;

@Controller('events')
export class EventsController {
  constructor(private readonly changes: Changes) {}

  /** One stream a browser: which builds were changed, by whomever. */
  @Sse()
  events(): Observable<MessageEvent> {
    return merge(
      this.changes.all.pipe(map((change) => ({ data: change }))),
      interval(sign_of_life_ms).pipe(map(() => ({ type: 'alive', data: '' }))),
    );
  }
}
