import { t } from '@lingui/core/macro';
import { papers } from '../../drawn/looks';
import { palette } from '../../theme';

/** What can be drawn with: our inks, then the colours of our papers. */
export const inks = (): { name: string; colour: string }[] => [
  { name: t`ink`, colour: palette.ink },
  { name: t`blue`, colour: palette.kindThing },
  { name: t`sea green`, colour: palette.kept },
  { name: t`leaf green`, colour: palette.kindWhere },
  { name: t`brown`, colour: palette.kindDescribing },
  { name: t`amber`, colour: palette.glow },
  { name: t`rust`, colour: palette.action },
  { name: t`wine`, colour: palette.held },
  { name: t`plum`, colour: palette.kindWho },
  ...papers,
];
