import { useMutation } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';

/** Sends the link to an address that confirms it. */
export function useSendLink() {
  return useMutation({
    mutationFn: (email: string) => answered(api.POST('/api/me/address', { body: { email } })),
  });
}
