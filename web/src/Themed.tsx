import { ConfigProvider } from 'antd';
import { useMemo, useSyncExternalStore, type ReactNode } from 'react';
import { theme } from './theme';

const REDUCED = window.matchMedia('(prefers-reduced-motion: reduce)');

function listen(changed: () => void): () => void {
  REDUCED.addEventListener('change', changed);
  return () => REDUCED.removeEventListener('change', changed);
}

/** A movement nobody sees. Not none: where the component library moves nothing at all, a dialog gives the keys to its cross instead of to its field. */
const AT_ONCE = '0.001s';

/** Our theme; nothing is seen to move for whoever asked the system for less motion. */
export function Themed({ children }: { children: ReactNode }) {
  const still = useSyncExternalStore(listen, () => REDUCED.matches);
  const themed = useMemo(() => ({
    ...theme,
    token: { ...theme.token, ...(still && { motionDurationFast: AT_ONCE, motionDurationMid: AT_ONCE, motionDurationSlow: AT_ONCE }) },
  }), [still]);
  return <ConfigProvider theme={themed} button={{ autoInsertSpace: false }} wave={{ disabled: true }}>{children}</ConfigProvider>;
}
