import { useContext, type CSSProperties } from 'react';
import type { Button } from '../api/types';
import { asOfNow, DayWords } from '../data/dayWords';
import { ButtonPicture } from './art';
import { KindMark } from './kinds';
import { lettersAreWhite, LooksOfBoard, ownType, seen, typeOn, USUAL } from './looks';
import drawn from './drawn.module.css';

/** A button as it looks, wherever it stands: one that opens a board is drawn as two stacked cards. */
export function Card({ button: as }: { button: Button }) {
  const button = asOfNow(as, useContext(DayWords));
  const { whole, board } = useContext(LooksOfBoard);
  const look = seen(whole, board?.look ?? {}, button.look, button.kind ?? undefined);
  const opens = button.leads.type === 'opens' || button.leads.type === 'elsewhere';
  const pictured = button.layers.length > 0;
  const place = pictured ? look.label : 'BELOW';
  const type = look.type === 'EQUAL' && board ? typeOn(board, whole, button) : ownType(button, look);
  const style = {
    ...(look.fill && { '--fill': look.fill }),
    ...(look.border && { '--edge-colour': look.border }),
    ...(look.edge !== undefined && { '--edge-width': look.edge }),
    ...(look.corner !== USUAL.corner && { '--corner': look.corner }),
    ...(look.picture !== USUAL.picture && { '--picture': look.picture }),
    '--type-height': type.height,
    '--letters': type.letters,
  } as CSSProperties;
  const classes = [
    drawn.card,
    opens && drawn.opens,
    !pictured && drawn.wordOnly,
    place === 'ABOVE' && drawn.labelAbove,
    place === 'BESIDE' && drawn.labelBeside,
    look.edge !== undefined && drawn.edged,
    look.corner !== USUAL.corner && drawn.cornered,
    look.picture !== USUAL.picture && pictured && drawn.shared,
    look.fill && lettersAreWhite(look.fill) && drawn.dark,
  ]
    .filter(Boolean)
    .join(' ');
  return (
    <span className={classes} style={style}>
      <ButtonPicture layers={button.layers} />
      {button.label && place !== 'NONE' && (
        <span className={drawn.label} dir="auto">
          {button.label}
        </span>
      )}
      {button.kind && <KindMark kind={button.kind} />}
    </span>
  );
}
