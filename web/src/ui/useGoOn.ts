import { useLocation, useNavigate } from 'react-router';

/**
 * Goes on to another page once something is saved, unless the person has gone elsewhere meanwhile:
 * nobody is fetched back from where they went.
 */
export function useGoOn(): (to: string) => void {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  return (to) => {
    // where the browser is now: whoever left drew this for the last time where it began
    if (window.location.pathname === pathname) void navigate(to);
  };
}
