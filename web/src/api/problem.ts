export interface FieldError {
  field: string;
  message: string;
}

/** What a server's problem document says. */
interface ProblemDocument {
  status?: number;
  detail?: string;
  errors?: FieldError[];
}

/** A request that failed, with one sentence for the person and the fields that were refused. */
export class Problem extends Error {
  readonly status: number;
  readonly fields: FieldError[];

  constructor(status: number, sentence: string, fields: FieldError[] = []) {
    super(sentence);
    this.name = 'Problem';
    this.status = status;
    this.fields = fields;
  }
}

const UNREACHABLE =
  'Even Lobe cannot be reached. Nothing you typed is lost: it stays here until you try again.';

function isDocument(body: unknown): body is ProblemDocument {
  return typeof body === 'object' && body !== null;
}

function problemOf(status: number, body: unknown): Problem {
  const document = isDocument(body) ? body : {};
  return new Problem(
    status,
    document.detail ?? 'Something went wrong. Nothing was saved; try again.',
    document.errors ?? [],
  );
}

/** The answer's data, or a {@link Problem} thrown. */
export async function answered<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let result;
  try {
    result = await call;
  } catch {
    throw new Problem(0, UNREACHABLE);
  }
  if (!result.response.ok) throw problemOf(result.response.status, result.error);
  // an answer without content has no data; the caller's T is void then
  return result.data as T;
}

/** Like {@link answered}, for a plain fetch. */
export async function answeredPlain(call: Promise<Response>): Promise<void> {
  let response;
  try {
    response = await call;
  } catch {
    throw new Problem(0, UNREACHABLE);
  }
  if (!response.ok) {
    const body: unknown = await response.json().catch(() => undefined);
    throw problemOf(response.status, body);
  }
}
