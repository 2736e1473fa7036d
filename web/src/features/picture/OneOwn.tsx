import { plural, t } from '@lingui/core/macro';
import { Alert, App, Button } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { OwnAbout, ShownOwn } from '../../api/types';
import { Pic } from '../../drawn/art';
import { changeOwn, deleteOwn, ownPictures } from '../../data/pictures';
import { Facts } from './OwnFacts';
import { Retouch } from './Retouch';
import { belowIntoView } from '../../shell/intoView';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

export function audience(p: ShownOwn): string {
  return { STUDENT: t`one student`, MINE: p.mine ? t`my students` : t`${p.takenInBy}’s students`, SCHOOL: t`the whole school` }[p.about.audience];
}

/** One own picture: its facts, and cutting, turning and brightening it. */
export function OneOwn({ picture, onGone }: { picture: ShownOwn; onGone: () => void }) {
  const queries = useQueryClient();
  const { modal } = App.useApp();
  const [facts, setFacts] = useState<OwnAbout>(picture.about);
  const [retouching, setRetouching] = useState(false);
  const fresh = () => {
    void queries.invalidateQueries({ queryKey: ownPictures.queryKey });
    void queries.invalidateQueries({ queryKey: ['pictures'] });
  };
  const keeping = useMutation({ mutationFn: () => changeOwn(picture.id, facts), onSuccess: fresh });
  const deleting = useMutation({
    mutationFn: () => deleteOwn(picture.id),
    onSuccess: () => {
      fresh();
      onGone();
    },
  });
  const error = keeping.error ?? deleting.error;
  return (
    <section ref={belowIntoView} className={css.aboutPicture} aria-label={t`About ${picture.about.words[0]}`}>
      <div className={css.aboutLarge}>
        <Pic id={picture.picture} collected />
      </div>
      <p className={parts.quiet}>
        {t`Taken in by ${picture.takenInBy}.`}{' '}
        {picture.boards === 0 ? t`On no board yet.` : plural(picture.boards, { one: 'On # board.', other: 'On # boards.' })}
      </p>
      {picture.mine ? (
        <>
          <Facts facts={facts} onChange={setFacts} onePicture />
          {error && <Alert type="warning" showIcon title={sentence(error)} />}
          <div className={parts.sentenceButtons}>
            <Button
              type="primary"
              loading={keeping.isPending}
              disabled={JSON.stringify(facts) === JSON.stringify(picture.about)}
              onClick={() => keeping.mutate()}
            >{t`Keep`}</Button>
            <Button onClick={() => setRetouching(true)}>{t`Cut, turn, brighten`}</Button>
            <Button
              onClick={() =>
                void modal.confirm({
                  title: t`Delete “${picture.about.words[0]}”?`,
                  content: picture.boards > 0 ? t`Boards that have it keep it. It is only not offered any more.` : t`No board has it.`,
                  okText: t`Delete it`,
                  cancelText: t`Leave it`,
                  onOk: () => deleting.mutateAsync().catch(() => undefined),
                })
              }
            >{t`Delete`}</Button>
          </div>
        </>
      ) : (
        <p>{t`${picture.about.words.join(', ')}. Only ${picture.takenInBy} can change it.`}</p>
      )}
      {retouching && <Retouch picture={picture} onClose={() => setRetouching(false)} onDone={fresh} />}
    </section>
  );
}
