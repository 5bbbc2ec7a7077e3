import { createContext, useContext } from 'react';
import { may, type Action, type Me } from '../../contracts';

export const MeContext = createContext<Me | null>(null);

/** Who is signed in. Only inside the doors. */
export function useMe(): Me {
  const me = useContext(MeContext);
  if (!me) throw new Error('useMe: expected somebody to be signed in, found nobody');
  return me;
}

/** Whether the user may do it; the server decides. */
export const useMay = (action: Action): boolean => may(useMe().role, action);
