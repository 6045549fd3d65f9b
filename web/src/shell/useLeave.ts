import { useColorScheme } from '@mui/material/styles';
import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { signOut } from '../account/session';
import { forgetShared } from '../photo/shared';

/** Signs out, and forgets what was fetched. */
export function useLeave(): () => void {
  const navigate = useNavigate();
  const client = useQueryClient();
  return () => {
    void signOut()
      .then(() => {
        client.clear();
        void forgetShared();
        return navigate('/sign-in');
      })
      .catch(() => undefined);
  };
}

/** Whether it is dark, and the way to the other theme. */
export function useDark(): { dark: boolean; toggle: () => void } {
  const { mode, systemMode, setMode } = useColorScheme();
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  return { dark, toggle: () => setMode(dark ? 'light' : 'dark') };
}
