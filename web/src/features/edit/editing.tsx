import { t } from '@lingui/core/macro';
import { App, Button, Input, Modal } from 'antd';
import { useState } from 'react';
import { Problem, sentence } from '../../api/client';
import type { Changed, Intention } from '../../api/types';
import { useChanges, type Wish } from '../../data/boards';

type Asks = NonNullable<Problem['asks']> & { sentence: string; wish: Wish; done: (changed?: Changed) => void };

/**
 * Changes made away from the bench. What cannot be made is said; what would take learned words from their places is asked about, in the
 * dialog that has to stand somewhere in the page.
 */
export function useEdits(vocabulary: number) {
  const { message } = App.useApp();
  const changes = useChanges(vocabulary);
  const [asks, setAsks] = useState<Asks>();

  async function make(wish: Wish): Promise<Changed | undefined> {
    try {
      return await changes.mutateAsync(wish);
    } catch (error) {
      const needs = error instanceof Problem ? error.asks : undefined;
      if (needs) return new Promise((done) => setAsks({ ...needs, sentence: sentence(error), wish, done }));
      const met = error instanceof Problem && error.conflict;
      void message.error(met ? t`${sentence(error)} Nothing was lost; look again, then do it once more.` : sentence(error), 6);
      return undefined;
    }
  }
  const answer = (wish?: Wish) => {
    const asked = asks!;
    setAsks(undefined);
    if (wish) void make(wish).then(asked.done);
    else asked.done();
  };
  return {
    make,
    edit: (made: Intention, base: number) => make({ what: 'edit', base, edit: made }),
    asking: asks && <Asking asks={asks} onAnswer={answer} />,
  };
}

/** What would move, what would move nothing, and, where places are kept, the reason to be given. */
function Asking({ asks, onAnswer }: { asks: Asks; onAnswer: (wish?: Wish) => void }) {
  const [reason, setReason] = useState('');
  const { instead, wish } = asks;
  const sure = () => onAnswer({ ...wish, sure: true, reason: reason.trim() || undefined });
  return (
    <Modal
      open
      title={t`Before it happens`}
      onCancel={() => onAnswer()}
      footer={[
        <Button key="leave" onClick={() => onAnswer()}>{t`Leave it`}</Button>,
        <Button key="sure" disabled={asks.needsReason && !reason.trim()} onClick={sure}>{t`Do it all the same`}</Button>,
        instead && 'base' in wish && (
          <Button key="instead" type="primary" onClick={() => onAnswer({ what: 'edit', base: wish.base, edit: instead.intention })}>
            {startsLarge(instead.words)}
          </Button>
        ),
      ]}
    >
      <p>{asks.sentence}</p>
      {asks.needsReason && (
        <label>
          {t`Places are kept for this student. Why it must be, for the history`}{' '}
          <Input value={reason} maxLength={200} onChange={(e) => setReason(e.target.value)} />
        </label>
      )}
    </Modal>
  );
}

export const startsLarge = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
