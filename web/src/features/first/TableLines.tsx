import { t } from '@lingui/core/macro';
import { Select } from 'antd';
import { useEffect, useMemo } from 'react';
import type { FirstTable, FirstTableLine } from '../../api/types';
import { ArtOf, Pic } from '../../drawn/art';
import parts from '../../shell/parts.module.css';
import css from './table.module.css';

/** Photos that are not taken in yet, as they can be shown. */
function useAddresses(files: File[]) {
  const addresses = useMemo(() => files.map((f) => URL.createObjectURL(f)), [files]);
  useEffect(() => () => addresses.forEach((a) => URL.revokeObjectURL(a)), [addresses]);
  return addresses;
}

/** Each board that will be made, with its words and pictures, or why none will be. `alone`: all are for one student. */
export function TableLines({
  lines,
  students,
  files,
  alone,
  onMeant,
}: {
  lines: FirstTableLine[];
  students: FirstTable['students'];
  files: File[];
  alone: boolean;
  onMeant: (said: string, student: string) => void;
}) {
  const addresses = useAddresses(files);
  if (lines.length === 0) return <p className={parts.quiet}>{t`What will be made stands here as you write.`}</p>;
  return (
    <ul className={css.lines}>
      {lines.map((line, i) => {
        const whose = students.find((s) => s.id === line.student);
        return (
          <li key={i} aria-label={whose?.name ?? line.said}>
            <p className={css.whose}>
              {whose?.photo != null && <img src={addresses[whose.photo]} alt={t`photo`} />}
              <strong>{alone ? (line.board ?? line.words.map((w) => w.word).join(', ')) : (whose?.name ?? line.said)}</strong>
              {!alone && line.board && <span className={parts.quiet}>{line.board}</span>}
              {!whose && (
                <Select
                  aria-label={t`Who is meant by ${line.said}`}
                  placeholder={t`who is meant?`}
                  className={css.who}
                  options={students.map((s) => ({ value: s.id, label: s.name }))}
                  onChange={(id: string) => onMeant(line.said, id)}
                />
              )}
            </p>
            <ArtOf art={whose?.art ?? 'colour.yellow.usual'}>
              <p className={css.likes}>
                {line.words.map((w, at) => (
                  <span key={at}>
                    {w.file != null ? <img src={addresses[w.file]} alt="" /> : w.picture ? <Pic id={w.picture} collected /> : <i className={css.none} />}
                    {w.word}
                  </span>
                ))}
              </p>
            </ArtOf>
            {line.wrong && <p className={parts.note}>{line.wrong}</p>}
          </li>
        );
      })}
    </ul>
  );
}
