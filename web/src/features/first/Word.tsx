import { t } from '@lingui/core/macro';
import { Input } from 'antd';
import { useState } from 'react';
import type { Button } from '../../api/types';
import { ButtonPicture } from '../../drawn/art';
import { useFiles } from '../../shell/files';
import { accepted } from '../picture';
import parts from '../../shell/parts.module.css';
import css from './first.module.css';

/** What cameras’ files are called says nothing. */
const NAMELESS = 'picture';

const isOwn = (picture?: string) => picture?.startsWith('own/') ?? false;

/** One word of the board: its picture, what it is called, whether it is recorded. `photo`: what a photo for it is called. */
export function Word({
  button,
  mayEdit,
  photo,
  onLabel,
  onPhoto,
  onTakeOff,
}: {
  button: Button;
  mayEdit: boolean;
  photo: string;
  onLabel: (label: string) => void;
  onPhoto: (file: File) => void;
  onTakeOff: () => void;
}) {
  const [choose, field] = useFiles(photo, accepted, ([file]) => onPhoto(file));
  const [typed, setTyped] = useState<string>();
  const keep = () => {
    if (typed?.trim() && typed.trim() !== button.label) onLabel(typed.trim());
    setTyped(undefined);
  };
  const nameless = button.label === NAMELESS && isOwn(button.layers.at(0)?.picture);
  return (
    <li>
      <span className={css.little}>
        <ButtonPicture layers={button.layers} />
      </span>
      <Input
        aria-label={t`Its word`}
        value={typed ?? (nameless ? '' : button.label)}
        placeholder={nameless ? t`what is it?` : undefined}
        disabled={!mayEdit}
        maxLength={60}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={keep}
        onPressEnter={keep}
      />
      {button.sound && <span className={parts.quiet}>{t`✓ recorded`}</span>}
      {field}
      {mayEdit && (
        <button type="button" className={parts.dotted} onClick={choose}>
          {photo}
        </button>
      )}
      {mayEdit && <button type="button" className={parts.dotted} aria-label={t`take ${button.label} off`} onClick={onTakeOff}>{t`take off`}</button>}
    </li>
  );
}
