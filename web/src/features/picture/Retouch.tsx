import { t } from '@lingui/core/macro';
import { Alert, Button, Checkbox, Modal, Slider } from 'antd';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import Cropper, { type Area } from 'react-easy-crop';
import { sentence } from '../../api/client';
import type { ShownOwn } from '../../api/types';
import { pictureAddress } from '../../data/pictureAddress';
import { pictureFile, retouch } from '../../data/pictures';
import { useFileAddress } from './fileAddress';
import { useGround } from './ground';
import { WithoutGround } from './WithoutGround';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

export function Retouch({ picture, onClose, onDone }: { picture: ShownOwn; onClose: () => void; onDone: () => void }) {
  const [crop, setCrop] = useState({ x: 0, y: 0 });
  const [zoom, setZoom] = useState(1);
  const [quarters, setQuarters] = useState(0);
  const [brighten, setBrighten] = useState(0);
  /** Each has its own: what is cut to its edges need not be cut to a square as well. */
  const [squares, setSquares] = useState({ whole: true, cut: false });
  const [opened, setOpened] = useState(false);
  const [area, setArea] = useState<Area>();
  const [size, setSize] = useState({ width: 1, height: 1 });
  const whole = pictureAddress(picture.picture, { art: '' });
  const kept = useQuery(pictureFile(whole, picture.about.words[0])).data;
  const [changed, setChanged] = useState<File>();
  const file = changed ?? kept;
  const ground = useGround(file, (now) => {
    setChanged(now);
    setCrop({ x: 0, y: 0 });
    setZoom(1);
  });
  const address = useFileAddress(changed);
  const shown = ground.gone ? 'cut' : 'whole';
  const square = squares[shown];
  const keeping = useMutation({
    mutationFn: () => {
      const turned = quarters % 2 === 0 ? size : { width: size.height, height: size.width };
      const part =
        square && area
          ? { x: area.x / turned.width, y: area.y / turned.height, side: area.width / Math.min(turned.width, turned.height) }
          : { x: 0, y: 0, side: 0 };
      return retouch(picture.id, { quarters, brighten, ...part, withoutGround: ground.gone });
    },
    onSuccess: () => {
      onDone();
      onClose();
    },
  });
  return (
    <Modal
      open
      title={t`Cut, turn, brighten`}
      onCancel={onClose}
      okText={t`Keep it so`}
      cancelText={t`Leave it`}
      confirmLoading={keeping.isPending}
      okButtonProps={{ disabled: ground.busy || (square && !area) }}
      afterOpenChange={setOpened}
      onOk={() => keeping.mutate()}
    >
      <div className={ground.gone ? `${css.retouch} ${css.withoutGround}` : css.retouch} style={{ '--brighten': 1 + brighten / 100 } as React.CSSProperties}>
        {opened && (
          <Cropper
            image={address || whole}
            crop={crop}
            zoom={zoom}
            rotation={quarters * 90}
            aspect={1}
            minZoom={1}
            maxZoom={4}
            restrictPosition
            showGrid={false}
            style={square ? {} : { cropAreaStyle: { border: 'none', boxShadow: 'none' } }}
            onCropChange={setCrop}
            onZoomChange={setZoom}
            onCropComplete={(_, pixels) => setArea(pixels)}
            onMediaLoaded={(m) => setSize({ width: m.naturalWidth, height: m.naturalHeight })}
          />
        )}
      </div>
      {file && <WithoutGround ground={ground} file={file} />}
      <Checkbox checked={square} onChange={(e) => setSquares({ ...squares, [shown]: e.target.checked })}>{t`Cut to the square that is shown`}</Checkbox>
      <label className={css.slider}>
        {t`Closer`} <Slider min={1} max={4} step={0.05} value={zoom} onChange={setZoom} tooltip={{ open: false }} ariaLabelForHandle={t`Closer`} />
      </label>
      <label className={css.slider}>
        {t`Brighter or darker`}{' '}
        <Slider min={-50} max={50} value={brighten} onChange={setBrighten} tooltip={{ open: false }} ariaLabelForHandle={t`Brighter or darker`} />
      </label>
      <Button onClick={() => setQuarters((quarters + 1) % 4)}>{t`Turn a quarter`}</Button>
      {keeping.isError && <Alert type="error" showIcon title={sentence(keeping.error)} />}
      {picture.boards > 0 && <p className={parts.quiet}>{t`Boards that have it keep it as it was.`}</p>}
    </Modal>
  );
}
