import { type Complaint, type Problem, type ProblemCode, problems } from '@hobrek/contracts';

/** A refusal by its code; the filter turns it into the answer. */
export class ProblemError extends Error {
  constructor(
    readonly code: ProblemCode,
    readonly detail: string,
    readonly complaints: readonly Complaint[] = [],
  ) {
    super(detail);
  }

  get status(): number {
    return problems[this.code].status;
  }

  toJSON(): Problem {
    const { status, title } = problems[this.code];
    const { code, detail, complaints } = this;
    return { type: `/problems/${code}`, code, status, title, detail, ...(complaints.length > 0 ? { complaints } : {}) };
  }
}
