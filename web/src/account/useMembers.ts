import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import type { WithPassword } from './usePasswordAgain';
import { useHousehold, type Role } from '../household/useMe';

/** Who shares the household, and what an owner can do about it. */
export function useMembers() {
  const household = useHousehold().id;
  const client = useQueryClient();
  const refetch = () => client.invalidateQueries({ queryKey: [household] });
  const members = useQuery({
    queryKey: [household, 'members'],
    queryFn: () =>
      answered(api.GET('/api/households/{household}/members', { params: { path: { household } } })),
  });
  const change = useMutation({
    mutationFn: ({ person, role, endsOn }: { person: string; role: Role; endsOn?: string }) =>
      answered(
        api.PUT('/api/households/{household}/members/{person}', {
          params: { path: { household, person } },
          body: { role, ...(endsOn && { endsOn }) },
        }),
      ),
    onSuccess: async () => {
      await refetch();
      await client.invalidateQueries({ queryKey: ['me'] });
    },
  });
  const end = useMutation({
    mutationFn: (person: string) =>
      answered(
        api.DELETE('/api/households/{household}/members/{person}', {
          params: { path: { household, person } },
        }),
      ),
    onSuccess: async () => {
      await refetch();
      await client.invalidateQueries({ queryKey: ['me'] });
    },
  });
  return { members, change, end };
}

interface Invite {
  role: Role;
  memberUntil: string;
  /** An owner is invited only where the password was given not long ago. */
  withPassword: WithPassword;
}

/** Invitations that are open, making one, and taking one back. */
export function useInvitations() {
  const household = useHousehold().id;
  const client = useQueryClient();
  const refetch = () => client.invalidateQueries({ queryKey: [household, 'invitations'] });
  const invitations = useQuery({
    queryKey: [household, 'invitations'],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/invitations', { params: { path: { household } } }),
      ),
  });
  const invite = useMutation({
    mutationFn: ({ role, memberUntil, withPassword }: Invite) =>
      withPassword(() =>
        answered(
          api.POST('/api/households/{household}/invitations', {
            params: { path: { household } },
            body: { role, ...(memberUntil && { memberUntil }) },
          }),
        ),
      ),
    onSuccess: refetch,
  });
  const revoke = useMutation({
    mutationFn: (invitation: string) =>
      answered(
        api.DELETE('/api/households/{household}/invitations/{invitation}', {
          params: { path: { household, invitation } },
        }),
      ),
    onSuccess: refetch,
  });
  return { invitations, invite, revoke };
}
