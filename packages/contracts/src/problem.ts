/** Every refusal there is: its stable code, the status it answers with, and what it means in a few words. */
export const problems = {
  'build-refused': { status: 400, title: 'This build cannot be kept as it is' },
  'request-refused': { status: 400, title: 'This request cannot be answered as it is' },
  'entry-refused': { status: 400, title: 'This is no entry of a shed’s file' },
  'note-refused': { status: 400, title: 'This note cannot be kept as it is' },
  'drawer-refused': { status: 400, title: 'This drawer cannot be kept as it is' },
  'photo-refused': { status: 400, title: 'This picture cannot be kept' },
  'bad-json': { status: 400, title: 'What arrived is not readable JSON' },
  'foreign-request': { status: 403, title: 'Only pages served by this Hobrek may send requests' },
  'not-paired': { status: 401, title: 'This device has not been let in' },
  'pairing-refused': { status: 403, title: 'The code does not let this device in' },
  'main-screen-only': { status: 403, title: 'Only the machine that Hobrek runs on may do this' },
  'too-many-tries': { status: 429, title: 'Too many tries' },
  'not-found': { status: 404, title: 'There is nothing here' },
  'version-stale': { status: 412, title: 'Someone changed this build in the meantime' },
  'drawer-stale': { status: 412, title: 'Someone changed the drawer in the meantime' },
  'too-large': { status: 413, title: 'That is more than is taken at once' },
  'wrong-type': { status: 415, title: 'Send JSON, and pictures as pictures' },
  'version-missing': { status: 428, title: 'Say which version the change was made from' },
  'backup-failed': { status: 503, title: 'The backup could not be written' },
  fault: { status: 500, title: 'Hobrek made a mistake' },
  'database-down': { status: 503, title: 'The database does not answer' },
  'disk-full': { status: 503, title: 'The disk is full' },
} as const satisfies Record<string, { status: number; title: string }>;

export type ProblemCode = keyof typeof problems;

/** One thing that is wrong, and where. */
export interface Complaint {
  readonly path: string;
  readonly says: string;
}

/** The body of a refusal (RFC 9457, application/problem+json). */
export interface Problem {
  readonly type: string;
  readonly code: ProblemCode;
  readonly status: number;
  readonly title: string;
  readonly detail: string;
  readonly complaints?: readonly Complaint[];
}
