import { ArgumentsHost, Catch, HttpException, Logger, type ExceptionFilter } from '@nestjs/common';
import type { FieldProblem } from '@upfell/core';
import type { Response } from 'express';

/** An error for the client: problem+json (RFC 9457) with the fields that are wrong and what would be right. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly more: { detail?: string; fields?: readonly FieldProblem[]; [member: string]: unknown } = {},
  ) {
    super(title);
  }
}

/** Turns every error into problem+json; what is unforeseen is logged, and reported without its details. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly log = new Logger('Upfell');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    if (response.headersSent) return;
    const problem = this.asProblem(error);
    response
      .status(problem.status)
      .type('application/problem+json')
      .send(
        JSON.stringify({
          type: 'about:blank',
          title: problem.title,
          status: problem.status,
          ...problem.more,
        }),
      );
  }

  private asProblem(error: unknown): Problem {
    if (error instanceof Problem) return error;
    if (error instanceof HttpException) {
      const status = error.getStatus();
      const titles: Record<number, string> = {
        400: 'The request cannot be read: its body is not JSON or its address is malformed.',
        404: 'There is nothing at this address.',
      };
      return new Problem(status, titles[status] ?? error.message);
    }
    // Errors of the body parser carry a status and a type.
    const { status, type } = error as { status?: number; type?: string };
    if (type === 'entity.too.large')
      return new Problem(413, 'The file is too big; a design has at most 5 MB.');
    if (type === 'entity.parse.failed') return new Problem(400, 'The body is not JSON.');
    if (typeof status === 'number' && status >= 400 && status < 500)
      return new Problem(status, 'The request cannot be read.');
    this.log.error(error instanceof Error ? (error.stack ?? error.message) : String(error));
    return new Problem(500, 'Something went wrong in the server; nothing was changed.');
  }
}
