import { plural, t } from '@lingui/core/macro';
import { Button, Input } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { sentence } from '../../api/client';
import { makeSeries, reading } from '../../data/firstSeries';
import { caseload } from '../../data/students';
import { accepted } from '../picture';
import { useFiles } from '../../shell/files';
import { useDropped } from './dropped';
import { TableLines } from './TableLines';
import { takeTablePhotos } from './tablePhotos';
import { Told } from './Told';
import parts from '../../shell/parts.module.css';
import css from './table.module.css';

/** First boards for several, or several for one: a table is pasted, photos are dropped, and all is made at once. */
export default function FirstTable() {
  const student = useSearchParams()[0].get('student') ?? undefined;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [table, setTable] = useState('');
  const [files, setFiles] = useState<File[]>([]);
  const [meant, setMeant] = useState<Record<string, string>>({});
  const [coming, setComing] = useState(0);
  const [wrong, setWrong] = useState<string[]>([]);
  const typed = useDeferredValue(table);
  const read = useQuery(reading({ table: typed, student, meant, files: useMemo(() => files.map((f) => f.name), [files]) }));
  const add = (more: File[]) => setFiles((now) => [...now, ...more]);
  const over = useDropped(add);
  const [choose, field] = useFiles(t`Picture files`, accepted, add, true);
  const known = read.data?.students ?? [];
  const lines = read.data?.lines ?? [];
  const whole = lines.filter((l) => !l.wrong);
  const one = known.find((k) => k.id === student);

  async function make() {
    setWrong([]);
    try {
      const { lines: taken, said } = await takeTablePhotos(whole, known, files, setComing);
      const made = await makeSeries(taken);
      void queries.invalidateQueries({ queryKey: caseload.queryKey });
      void queries.invalidateQueries({ queryKey: ['vocabularies'] });
      void navigate(`/first-boards/${made.id}`, { state: { said } });
    } catch (error) {
      setWrong([sentence(error)]);
    }
    setComing(0);
  }

  return (
    <main className={parts.page} data-ready>
      <div className={parts.pageHead}>
        <h1>{one ? t`First boards for ${one.name}` : t`First boards for several`}</h1>
      </div>
      <div className={css.table}>
        <section aria-label={t`The table`}>
          <p>
            {one
              ? t`A board a line: what it is called, a colon, then what goes on it. A table copied from a spreadsheet can be pasted.`
              : t`A board a line: the student, then what he or she likes. A table copied from a spreadsheet can be pasted.`}
          </p>
          <Input.TextArea
            autoFocus
            rows={9}
            aria-label={t`Students and what they like`}
            value={table}
            onChange={(e) => setTable(e.target.value)}
            placeholder={one ? t`snack: crisps, juice, more` : t`Wren, crisps, bath, more`}
          />
          <div className={over ? `${css.photos} ${css.over}` : css.photos}>
            {field}
            <p>{t`Drop photos anywhere here, or paste them. One that is called like a word or a student goes there.`}</p>
            <p className={parts.sentenceButtons}>
              <Button onClick={choose}>{t`Choose photos`}</Button>
              {files.length > 0 && <Button type="text" onClick={() => setFiles([])}>{t`without the photos`}</Button>}
            </p>
          </div>
          {table.trim() !== '' &&
            (read.data?.left ?? []).map((l) => (
              <p key={l} className={parts.note}>
                {l}
              </p>
            ))}
          {read.error && <p role="alert">{sentence(read.error)}</p>}
        </section>
        <section aria-label={t`What will be made`}>
          <TableLines lines={lines} students={known} files={files} alone={!!one} onMeant={(said, id) => setMeant((now) => ({ ...now, [said]: id }))} />
          <Told coming={coming} wrong={wrong} />
          <p className={parts.sentenceButtons}>
            <Button type="primary" disabled={whole.length === 0 || table !== typed || coming > 0} onClick={() => void make()}>
              {plural(whole.length, { one: 'Make the board', other: 'Make # boards' })}
            </Button>
            {whole.length < lines.length && (
              <span className={parts.quiet}>{plural(lines.length - whole.length, { one: '# line is left out.', other: '# lines are left out.' })}</span>
            )}
          </p>
        </section>
      </div>
    </main>
  );
}
