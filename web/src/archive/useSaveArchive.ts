import { useMutation } from '@tanstack/react-query';
import { usePasswordAgain } from '../account/usePasswordAgain';
import { api } from '../api/client';
import { answered } from '../api/problem';

/** Saves an archive; the browser fetches it by itself, so that it need not fit into memory. */
export function useSaveArchive() {
  const { dialog, withPassword } = usePasswordAgain();
  const save = useMutation({
    mutationFn: async (path: string) => {
      await withPassword(() => answered(api.GET('/api/me/password-again')));
      return path;
    },
    onSuccess: (path) => window.location.assign(path),
  });
  return { dialog, save };
}
