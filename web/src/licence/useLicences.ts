import { useQuery } from '@tanstack/react-query';
import { z } from 'zod/mini';
import { answeredAs } from '../api/problem';

const FOR_EVER = Infinity;

const web = z.array(
  z.object({
    name: z.string(),
    version: z.string(),
    identifier: z.string(),
    text: z.optional(z.string()),
  }),
);
const server = z.array(
  z.object({ name: z.string(), version: z.string(), licences: z.array(z.string()) }),
);

/** Something by others that ships with Even Lobe. */
export interface Shipped {
  name: string;
  version: string;
  licence: string;
  text?: string | undefined;
}

async function shipped(): Promise<Shipped[]> {
  const [page, machine] = await Promise.all([
    answeredAs(fetch('/licences/web.json'), web),
    answeredAs(fetch('/licences/server.json'), server),
  ]);
  return [
    ...page.map(({ name, version, identifier, text }) => ({
      name,
      version,
      licence: identifier,
      text,
    })),
    ...machine.map(({ name, version, licences }) => ({
      name,
      version,
      licence: licences.join(' or '),
    })),
  ];
}

/** What ships with Even Lobe and under which licence, as the build wrote it down. */
export function useLicences() {
  return useQuery({ queryKey: ['licences'], queryFn: shipped, staleTime: FOR_EVER });
}
