/** Both themes from one list of names. Contrast of ink on ground and panel is at least 7:1, of muted at least 4.5:1. */
const day = {
  /** For what the browser draws itself: boxes to tick, scroll bars, lists. */
  scheme: 'light',
  ground: '#f1eee7',
  sunk: '#e7e3d8',
  panel: '#fbfaf6',
  ink: '#122c2a',
  muted: '#4a5f5b',
  line: '#cbc6b8',
  strong: '#17403b',
  onStrong: '#fbfaf6',
  suspicion: '#7a4f08',
  suspicionFill: '#d9a441',
  suspicionSoft: '#f3e2bf',
  danger: '#8f2a1f',
  dangerSoft: '#f6e0da',
  focus: '#0b6b8a',
  /** Drawn on photos, whatever the theme. */
  mark: '#c2410c',
};

export type Tokens = typeof day;

const dim: Tokens = {
  scheme: 'dark',
  ground: '#121c1b',
  sunk: '#0c1413',
  panel: '#1b2927',
  ink: '#e9ebe4',
  muted: '#a9b8b3',
  line: '#38504c',
  strong: '#9ad4c6',
  onStrong: '#0e2220',
  suspicion: '#e9bd6c',
  suspicionFill: '#8a5d12',
  suspicionSoft: '#3c2f14',
  danger: '#f2a99d',
  dangerSoft: '#4a231d',
  focus: '#7cc7e8',
  mark: '#c2410c',
};

export type ThemeName = 'day' | 'dim';

export const themes: Readonly<Record<ThemeName, Tokens>> = { day, dim };

export const fonts = {
  text: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif",
  code: "'Atkinson Hyperlegible Mono Variable', ui-monospace, monospace",
} as const;
