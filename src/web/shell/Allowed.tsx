import type { ReactNode } from 'react';
import type { Action } from '../../contracts';
import { useMay } from './me';

/** Shows what only some may do to those who may. The server refuses the others anyway. */
export function Allowed({ action, children }: { readonly action: Action; readonly children: ReactNode }) {
  return useMay(action) ? children : null;
}
