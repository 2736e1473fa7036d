import { t } from '@lingui/core/macro';
import type { ThemeConfig } from 'antd';
import kinds from '../../core/src/main/resources/org/dwimble/core/board/kinds.json';

/** The palette. Components name these and no other colours. */
export const palette = {
  paper: '#F6F2EA',
  card: '#FBF8F2',
  white: '#FFFFFF',
  mat: '#EAE3D4',
  line: '#DCD3C0',
  edge: '#8C8576',
  ink: '#1F2A44',
  inkSoft: '#333F5E',
  quiet: '#5F5A50',
  action: '#B8431C',
  /** Under the mouse: darker, as a lighter one could not be read. */
  actionDeep: '#973513',
  actionSoft: '#FCE6D6',
  glow: '#F2A65A',
  kept: '#0E7C7B',
  held: '#8B1E3F',
  kindWho: kinds.who,
  kindDo: kinds.do,
  kindSocial: kinds.social,
  kindDescribing: kinds.describing,
  kindThing: kinds.thing,
  kindWhere: kinds.where,
  kindLittle: kinds.little,
  kindQuestion: kinds.question,
} as const;

export const fonts = {
  interface: t`"Atkinson Hyperlegible", system-ui, sans-serif`,
  board: t`Andika, "Atkinson Hyperlegible", system-ui, sans-serif`,
};

export const theme: ThemeConfig = {
  token: {
    colorPrimary: palette.action,
    colorPrimaryHover: palette.actionDeep,
    colorPrimaryActive: palette.actionDeep,
    colorLink: palette.action,
    colorLinkHover: palette.held,
    colorText: palette.ink,
    colorTextSecondary: palette.quiet,
    colorTextDescription: palette.quiet,
    colorTextPlaceholder: palette.quiet,
    colorBgLayout: palette.paper,
    colorBgContainer: palette.white,
    colorBgElevated: palette.card,
    colorBorder: palette.edge,
    colorBorderSecondary: palette.line,
    colorError: palette.held,
    colorWarning: palette.action,
    colorSuccess: palette.kept,
    colorInfo: palette.inkSoft,
    fontFamily: fonts.interface,
    fontSize: 15,
    borderRadius: 9,
    controlHeight: 36,
    // What opens is there at once and what closes is gone at once: whatever still moves can take a key that is meant for what comes after it.
    motion: false,
    // A busy button turns its sign; its words stay as readable as before.
    opacityLoading: 1,
  },
  components: {
    Button: { fontWeight: 700, primaryShadow: 'none', defaultShadow: 'none' },
    Modal: { titleFontSize: 19 },
  },
};

/** The palette as CSS custom properties: kindWho becomes --kind-who. */
export function applyPalette(root: HTMLElement): void {
  for (const [name, colour] of Object.entries(palette)) {
    root.style.setProperty('--' + name.replace(/[A-Z]/g, (c) => '-' + c.toLowerCase()), colour);
  }
  root.style.setProperty('--font-board', fonts.board);
}
