import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { ThemeName } from '../theme/tokens';

interface ThemeStore {
  readonly name: ThemeName;
  readonly toggle: () => void;
}

export const useThemeStore = create<ThemeStore>()(
  persist((set) => ({ name: 'day', toggle: () => set(({ name }) => ({ name: name === 'day' ? 'dim' : 'day' })) }), {
    name: 'probe.theme',
  }),
);
