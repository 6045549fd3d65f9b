import type { Role } from '../household/useMe';

export const ROLES: readonly { value: Role; label: string }[] = [
  { value: 'VIEWER', label: 'viewer: sees' },
  { value: 'CARER', label: 'carer: records and sees' },
  { value: 'OWNER', label: 'owner: does everything' },
];

/** As it stands after "you". */
export const ROLE_WORDS: Record<Role, string> = {
  VIEWER: 'see everything and change nothing',
  CARER: 'see everything and record what is done',
  OWNER: 'own it',
};
