import { t } from '@lingui/core/macro';

/** What the library says by itself, of what a map of boards can do. */
export const SAID = {
  'node.a11yDescription.default': '',
  'node.a11yDescription.keyboardDisabled': '',
  'edge.a11yDescription.default': '',
  'controls.ariaLabel': t`Look closer or from further off`,
  'controls.zoomIn.ariaLabel': t`Closer`,
  'controls.zoomOut.ariaLabel': t`Further off`,
  'controls.fitView.ariaLabel': t`All of it`,
};
