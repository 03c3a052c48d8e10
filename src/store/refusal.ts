/**
 * What a database says when it refuses, without the values it was given: they may be about people, and an error ends in a log.
 * The statement is ours and holds none.
 */
export class DatabaseRefusal extends Error {
  override readonly name = 'DatabaseRefusal';
  constructor(
    /** As in the appendix of PostgreSQL's manual, or of the system; empty when there is none. */
    readonly code: string,
    sql: string,
  ) {
    super(`${code || 'Refused'}: ${sql.replace(/\s+/g, ' ').trim().slice(0, 200)}`);
  }
}

/** The answer to a statement, or a refusal that gives nothing away. */
export async function orRefusal<T>(sql: string, answer: Promise<T>): Promise<T> {
  try {
    return await answer;
  } catch (error) {
    throw new DatabaseRefusal(String((error as { code?: unknown }).code ?? ''), sql);
  }
}
