import { t } from '@lingui/core/macro';
import { dayAndTime } from '../../shell/time';
import { useReadiness, type Readiness } from './usePack';
import css from './talk.module.css';

const megabytes = (bytes: number) => new Intl.NumberFormat(undefined, { maximumFractionDigits: 1 }).format(bytes / 1_000_000);

/** How it stands with talking without network, in one sentence; empty where there is nothing to say. */
function aboutReadiness(now: Readiness): string {
  switch (now.is) {
    case 'unknown':
      return '';
    case 'not here':
      return window.isSecureContext
        ? t`This browser keeps no boards for talking without network.`
        : t`Talking without network needs a secure address, which begins with https.`;
    case 'being made':
      return now.progress
        ? t`Being made ready for talking without network: ${now.progress.done} of ${now.progress.all} parts, ${megabytes(now.progress.bytes)} MB`
        : t`Being made ready for talking without network`;
    case 'ready':
      return t`Ready for talking without network: ${megabytes(now.pack.bytes)} MB, boards of ${dayAndTime(new Date(now.pack.madeAt).toISOString())}`;
    case 'without network':
      return now.pack
        ? t`No network. Boards of ${dayAndTime(new Date(now.pack.madeAt).toISOString())}`
        : t`No network. These boards work until this page is closed.`;
    case 'no room':
      return t`This device has no room to keep these boards for talking without network. Make room on it, and open talk again.`;
    case 'not made':
      return now.told;
  }
}

/** What whoever helps needs to know while it is so; nothing while all is well. */
export function ReadinessLine() {
  const now = useReadiness();
  const said = now.is === 'being made' || now.is === 'without network' || now.is === 'no room' || now.is === 'not made' ? aboutReadiness(now) : '';
  return (
    <p className={css.network} role="note" aria-live="polite" aria-label={t`Network`}>
      {said}
    </p>
  );
}

/** The whole of it, for who asks. */
export function AboutReadiness() {
  const said = aboutReadiness(useReadiness());
  return said && <p>{said}</p>;
}
