import { plural } from '@lingui/core/macro';
import parts from '../../shell/parts.module.css';

/** How many photos are on their way, and what could not be put on. */
export function Told({ coming, wrong }: { coming: number; wrong: string[] }) {
  return (
    <>
      {coming > 0 && <p role="status">{plural(coming, { one: '# photo is on its way', other: '# photos are on their way' })}</p>}
      {wrong.map((w, i) => (
        <p key={`${i} ${w}`} role="alert" className={parts.note}>
          {w}
        </p>
      ))}
    </>
  );
}
