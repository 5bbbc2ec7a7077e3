import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, type ReactNode } from 'react';
import type { Me } from '../../contracts';
import { followChanges } from '../api/changes';
import { takeOverDrafts } from '../stores/device-owner';
import { fileQueue, useFileQueueStore } from '../device/file-queue-store';
import { connectOutbox, outbox, useOutboxStore } from '../device/outbox-store';
import { MeContext } from './me';

/** Inside the doors: what an earlier visit left is sent, and what others write comes into view. */
export function Inside({ me, children }: { readonly me: Me; readonly children: ReactNode }) {
  const client = useQueryClient();
  // Before anything is drawn: what somebody else left is not to be seen.
  useState(() => takeOverDrafts(me.id));
  useEffect(() => {
    connectOutbox(client);
    void outbox.begin(me.id);
    void fileQueue.begin(me.id);
    const hurry = () => {
      outbox.hurry();
      fileQueue.hurry();
    };
    window.addEventListener('online', hurry);
    const stop = followChanges(client, hurry);
    // Asks before a tab is closed that is all that holds an entry.
    const guard = (event: BeforeUnloadEvent) => {
      if (useOutboxStore.getState().unkept.size + useFileQueueStore.getState().unkept.size > 0) event.preventDefault();
    };
    window.addEventListener('beforeunload', guard);
    return () => {
      window.removeEventListener('beforeunload', guard);
      window.removeEventListener('online', hurry);
      stop();
    };
  }, [client, me.id]);
  return <MeContext.Provider value={me}>{children}</MeContext.Provider>;
}
