import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import type { paths } from '../api/schema';

type Place<K extends string> = `/api/households/{household}/${K}/{id}`;

/** The kinds of facts that the server keeps, by the segment of their address. */
export type FactKind = {
  [P in keyof paths]: P extends `${Place<infer K>}/versions` ? K : never;
}[keyof paths];

/** What is said of a fact of a kind. */
export type FactBody<K extends FactKind> = paths[Place<K>]['put']['requestBody'] extends {
  content: { 'application/json': infer B };
}
  ? B
  : never;

/** A version of a fact, as it was said. */
export interface Version<K extends FactKind> {
  version: number;
  by: string;
  at: string;
  restorable: boolean;
  said?: FactBody<K>;
  /** The local day that it is of. */
  day?: string;
}

export type FactAnswer = Schemas['FactAnswer'];

/** One fact of a household. */
export interface FactPlace<K extends FactKind> {
  household: string;
  kind: K;
  id: string;
}

// every kind is reached alike; the document writes them down one by one, so one stands for all here
const ONE = '/api/households/{household}/checks/{id}';
const place = (kind: FactKind) => ONE.replace('checks', kind) as typeof ONE;

/**
 * Records a fact, or corrects the version that is named.
 *
 * @param version the version that is corrected; undefined for a new fact
 */
export function putFact<K extends FactKind>(
  { household, kind, id }: FactPlace<K>,
  body: FactBody<K>,
  version?: number,
): Promise<FactAnswer> {
  return answered(
    api.PUT(place(kind), {
      params: {
        path: { household, id },
        header: version === undefined ? { 'If-None-Match': '*' } : { 'If-Match': `"${version}"` },
      },
      body: body as Schemas['CheckRequest'],
    }),
  );
}

/**
 * Deletes a fact; it can be restored for 30 days.
 *
 * @param known the version that the person saw; without one, as it stands
 */
export async function removeFact(one: FactPlace<FactKind>, known?: number): Promise<FactAnswer> {
  const version = known ?? (await versionsOf(one))[0]?.version ?? 1;
  const { household, kind, id } = one;
  return answered(
    api.DELETE(place(kind), {
      params: { path: { household, id }, header: { 'If-Match': `"${version}"` } },
    }),
  );
}

/** Takes back the deletion that was answered so. */
export function takeBackRemoval(one: FactPlace<FactKind>, removed: FactAnswer) {
  return restoreFact(one, removed.version - 1);
}

/** Says again what an earlier version said. */
export function restoreFact(
  { household, kind, id }: FactPlace<FactKind>,
  version: number,
): Promise<FactAnswer> {
  return answered(
    api.POST(`${place(kind)}/versions/{version}/restore`, {
      params: { path: { household, id, version } },
    }),
  );
}

/** All versions of a fact, the latest first. */
export async function versionsOf<K extends FactKind>({
  household,
  kind,
  id,
}: FactPlace<K>): Promise<Version<K>[]> {
  const versions: unknown = await answered(
    api.GET(`${place(kind)}/versions`, { params: { path: { household, id } } }),
  );
  return versions as Version<K>[];
}
