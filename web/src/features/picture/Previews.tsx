import { t } from '@lingui/core/macro';
import { useEffect, useState } from 'react';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

export function Previews({ files }: { files: File[] }) {
  const [addresses, setAddresses] = useState<string[]>([]);
  const [unseen, setUnseen] = useState<string[]>([]);
  useEffect(() => {
    const made = files.slice(0, 6).map((f) => URL.createObjectURL(f));
    // An address of the browser's own, made for a file and given back with it.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setAddresses(made);
    return () => made.forEach((a) => URL.revokeObjectURL(a));
  }, [files]);
  return (
    <div className={css.previews}>
      {addresses.map((a, i) => (
        <span key={a} title={files[i]?.name}>
          {unseen.includes(a) ? <small>{files[i]?.name}</small> : <img src={a} alt={files[i]?.name ?? ''} onError={() => setUnseen((u) => [...u, a])} />}
        </span>
      ))}
      {files.length > 6 && <span className={parts.quiet}>{t`and ${files.length - 6} more`}</span>}
    </div>
  );
}
