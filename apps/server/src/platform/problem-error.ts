import { type Complaint, type Problem, type ProblemCode, problems } from '@hobrek/contracts';

/** A refusal by its code; the filter turns it into the answer. */
export class ProblemError extends Error {
  constructor(
    readonly code: ProblemCode,
    readonly detail: string,
    readonly complaints: readonly Complaint[] = [],
    /** The status of what refused it, where that is another than the code’s own. */
    private readonly as: number | null = null,
  ) {
    super(detail);
  }

  get status(): number {
    return this.as ?? problems[this.code].status;
  }

  toJSON(): Problem {
    const { title } = problems[this.code];
    const { status, code, detail, complaints } = this;
    return { type: `/problems/${code}`, code, status, title, detail, ...(complaints.length > 0 ? { complaints } : {}) };
  }
}
