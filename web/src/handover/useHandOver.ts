import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { useHousehold } from '../household/useMe';

export type Stay = Schemas['StayRequest'];
export type Taker = Stay['taker'];
export type HandOver = Schemas['HandOver'];
export type ToldForm = Schemas['ToldForm'];

/** What whoever takes a dog in those days is told. */
export function useHandOver(dog: string, stay: Stay) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'hand-over', dog, stay],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}/hand-over', {
          params: { path: { household, dog }, query: stay },
        }),
      ),
    placeholderData: (before) => before,
  });
}

/** Makes a link to it, whose address is shown this once. */
export function useMakeHandOverLink(dog: string) {
  const household = useHousehold().id;
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: Stay) =>
      answered(
        api.POST('/api/households/{household}/dogs/{dog}/hand-over-links', {
          params: { path: { household, dog } },
          body,
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: [household, 'links', dog] }),
  });
}

/** What a link opens; whoever has it needs no account. */
export function useHanded(token: string) {
  return useQuery({
    queryKey: ['handed', token],
    queryFn: () => answered(api.GET('/api/handed/{token}', { params: { path: { token } } })),
    retry: false,
  });
}

/** Says what was done and seen; the same form sent again changes nothing. */
export function useTell(token: string) {
  return useMutation({
    mutationFn: ({ id, form }: { id: string; form: ToldForm }) =>
      answered(
        api.PUT('/api/handed/{token}/told/{id}', {
          params: { path: { token, id } },
          body: form,
        }),
      ),
  });
}
