import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { Input } from 'antd';
import { useDeferredValue, useState } from 'react';
import { sentence } from '../../api/client';
import type { VocabularyView } from '../../api/types';
import { may } from '../../data/may';
import { passage } from '../../data/passage';
import parts from '../../shell/parts.module.css';
import { Later } from './Later';
import { parted } from './lines';
import { Missing } from './Missing';
import { OthersToo } from './OthersToo';
import { Said } from './Said';
import { Shares } from './Shares';
import css from './passage.module.css';

/** The texts at the left, what of them can be said at the right. */
export function Passage({ view, from }: { view: VocabularyView; from?: string }) {
  const [texts, setTexts] = useState(['']);
  const read = useDeferredValue(texts);
  const some = read.some((text) => text.trim() !== '');
  const { data, error } = useQuery({ ...passage(view.id, view.version, read), enabled: some });
  const found = some && !error ? data : undefined;
  const lines = found && parted(found);
  const mayEdit = may(view, 'CHANGE');
  return (
    <div className={css.both}>
      <section className={css.panel} aria-label={t`Texts`}>
        {texts.map((text, i) => (
          <Input.TextArea
            key={i}
            aria-label={texts.length > 1 ? t`Text ${i + 1}` : t`The text`}
            placeholder={t`Paste or type a text: a song, a recipe, a story, the words of a lesson`}
            autoFocus={i === texts.length - 1}
            autoSize={{ minRows: texts.length > 1 ? 4 : 9, maxRows: 16 }}
            value={text}
            onChange={(e) => setTexts(texts.map((was, at) => (at === i ? e.target.value : was)))}
          />
        ))}
        <p>
          <button type="button" className={parts.dotted} onClick={() => setTexts([...texts, ''])}>{t`and another text`}</button>
        </p>
        {some && view.student && <OthersToo texts={read} student={view.student} />}
      </section>
      <section className={css.panel} aria-label={t`What can be said of it`} aria-live="polite">
        {!some && <p role="status">{t`Here you see which of its words can be said now, by how many taps, which wait or are held, and which are missing.`}</p>}
        {some && error && <p role="alert">{sentence(error)}</p>}
        {found && lines && (
          <>
            <Shares read={found} />
            <Missing view={view} from={from} texts={read} lines={lines.missing} mayEdit={mayEdit} />
            <Later view={view} lines={lines.later} mayEdit={mayEdit} />
            <Said view={view} lines={lines.said} names={lines.names} numbers={lines.numbers} />
          </>
        )}
      </section>
    </div>
  );
}
