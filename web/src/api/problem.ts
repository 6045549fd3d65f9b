export interface FieldError {
  field: string;
  message: string;
}

/** What a server's problem document says. */
interface ProblemDocument {
  type?: string;
  status?: number;
  detail?: string;
  errors?: FieldError[];
}

/** A request that failed, with one sentence for the person and the fields that were refused. */
export class Problem extends Error {
  readonly status: number;
  readonly fields: FieldError[];
  readonly type: string;

  constructor(status: number, sentence: string, fields: FieldError[] = [], type = '') {
    super(sentence);
    this.name = 'Problem';
    this.status = status;
    this.fields = fields;
    this.type = type;
  }

  /** Whether it is only the token that is missing: the next request brings another. */
  get isToken(): boolean {
    return this.type === '/problems/token';
  }

  /** Whether it may pass by itself, so that trying again makes sense; a refusal stays one. */
  get mayPass(): boolean {
    return this.status === 0 || this.status >= 500;
  }
}

/**
 * Why what was asked for cannot be shown. What came before stays while the server cannot be reached:
 * nobody loses what they read, or what they are typing, because a phone woke without a connection.
 */
export function whyNot({ error, data }: { error: Error | null; data: unknown }): Error | null {
  const passes = error instanceof Problem && error.mayPass;
  return data !== undefined && passes ? null : error;
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
    document.type,
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

async function reached(call: Promise<Response>): Promise<Response> {
  try {
    return await call;
  } catch {
    throw new Problem(0, UNREACHABLE);
  }
}

/** Like {@link answered}, for a plain fetch. */
export async function answeredPlain(call: Promise<Response>): Promise<void> {
  const response = await reached(call);
  if (!response.ok) {
    const body: unknown = await response.json().catch(() => undefined);
    throw problemOf(response.status, body);
  }
}

/** A plain fetch's JSON of the shape that is expected, or a {@link Problem} thrown. */
export async function answeredAs<T>(
  call: Promise<Response>,
  shape: { parse: (body: unknown) => T },
): Promise<T> {
  const response = await reached(call);
  const body: unknown = await response.json().catch(() => undefined);
  if (!response.ok) throw problemOf(response.status, body);
  return shape.parse(body);
}
