/** How many of something each person has open at the moment, in this process. */
export interface PersonCounter {
  readonly of: (personId: string) => number;
  /** One more. Returns how to end it; a second time does nothing. */
  readonly begin: (personId: string) => () => void;
}

export function countByPerson(): PersonCounter {
  const open = new Map<string, number>();
  return {
    of: (personId) => open.get(personId) ?? 0,
    begin(personId) {
      let isOpen = true;
      open.set(personId, (open.get(personId) ?? 0) + 1);
      return () => {
        if (!isOpen) return;
        isOpen = false;
        const left = (open.get(personId) ?? 1) - 1;
        if (left > 0) open.set(personId, left);
        else open.delete(personId);
      };
    },
  };
}
