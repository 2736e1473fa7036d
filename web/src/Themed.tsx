import { ConfigProvider } from 'antd';
import { useMemo, useSyncExternalStore, type ReactNode } from 'react';
import { theme } from './theme';

const REDUCED = window.matchMedia('(prefers-reduced-motion: reduce)');

function listen(changed: () => void): () => void {
  REDUCED.addEventListener('change', changed);
  return () => REDUCED.removeEventListener('change', changed);
}

/** Our theme; nothing moves for whoever asked the system for less motion, by the component library's own setting. */
export function Themed({ children }: { children: ReactNode }) {
  const still = useSyncExternalStore(listen, () => REDUCED.matches);
  const themed = useMemo(() => ({ ...theme, token: { ...theme.token, motion: !still } }), [still]);
  return <ConfigProvider theme={themed} button={{ autoInsertSpace: false }} wave={{ disabled: true }}>{children}</ConfigProvider>;
}
