import { useCallback } from 'react';
import type { FlashEnd } from '../../../core/casework';
import type { FirmwareLog } from './step-props';
import type { Firmware } from './use-firmware';

/** Writes how a flash ended to the log, where there is one, and takes the desk to what comes next. */
export function useFlashLog({ desk, change, board, next }: Firmware, log: FirmwareLog | null) {
  return useCallback(
    async (end: FlashEnd, more: { readonly seconds?: number; readonly reason?: string } = {}) => {
      const method = desk.method ?? (board?.flash ? 'bare-board' : 'menu');
      const to = method === 'second-image' ? null : (next?.version ?? null);
      if (to === null && method !== 'second-image') return;
      const { purpose, installed: from } = desk;
      const against = {
        ...(desk.against ? { againstBook: desk.against.reason } : {}),
        ...(desk.backup ? { backup: desk.backup } : {}),
      };
      const saved =
        !log || (await log.record({ kind: 'firmware-flashed', method, purpose, from, to, end, ...more, ...against }));
      if (!saved) return;
      if (end === 'gave-up') {
        change({ watchFrom: null, marks: [], gates: [], step: 'stick', stick: null });
        return;
      }
      if (end === 'interrupted') {
        change({ watchFrom: null, marks: [], gates: [], purpose: 'recover', step: 'way' });
        return;
      }
      change({ watchFrom: null, marks: [], gates: [], step: 'after', afterwards: [] });
    },
    [desk, change, board, next, log],
  );
}
