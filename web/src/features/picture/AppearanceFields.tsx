import { t } from '@lingui/core/macro';
import { Form, Radio, Select } from 'antd';
import type { Appearance } from '../../api/types';
import { Pic, ArtOf } from '../../drawn/art';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

const looks: Record<Appearance['look'], string> = { COLOUR: t`in colour`, CONTRAST: t`black on white` };
const tones: Record<Appearance['tone'], string> = {
  YELLOW: t`yellow, like nobody`,
  LIGHT: t`light`,
  MEDIUM_LIGHT: t`medium light`,
  MEDIUM: t`medium`,
  MEDIUM_DARK: t`medium dark`,
  DARK: t`dark`,
};
const hairs: Record<Appearance['hair'], string> = {
  USUAL: t`as usual for the skin`,
  BLACK: t`black`,
  BROWN: t`brown`,
  FAIR: t`fair`,
  RED: t`red`,
  GREY: t`grey`,
};
const choices = <K extends string>(words: Record<K, string>) => (Object.keys(words) as K[]).map((value) => ({ value, label: words[value] }));

/** How pictures look to a student: the look, and the skin and hair of people in them, with a sample that follows. */
export function AppearanceFields() {
  const [look = 'COLOUR', tone = 'YELLOW', hair = 'USUAL'] = [Form.useWatch('look'), Form.useWatch('tone'), Form.useWatch('hair')] as [
    Appearance['look']?,
    Appearance['tone']?,
    Appearance['hair']?,
  ];
  return (
    <fieldset className={css.appearance}>
      <legend>{t`Pictures`}</legend>
      <Form.Item label={t`Drawn`} name="look">
        <Radio.Group options={choices(looks)} optionType="button" />
      </Form.Item>
      <div className={parts.sideBySide}>
        <Form.Item label={t`Skin of people`} name="tone">
          <Select options={choices(tones)} disabled={look === 'CONTRAST'} />
        </Form.Item>
        <Form.Item label={t`Hair in our own symbols`} name="hair">
          <Select options={choices(hairs)} disabled={look === 'CONTRAST'} />
        </Form.Item>
      </div>
      <ArtOf art={`${look}.${tone}.${hair}`.toLowerCase()}>
        <div className={css.appearanceSample} aria-hidden="true">
          {['core/i', 'core/want', 'base/waving-hand', 'base/child', 'base/kite'].map((id) => (
            <Pic key={id} id={id} />
          ))}
        </div>
      </ArtOf>
    </fieldset>
  );
}
