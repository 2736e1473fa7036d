export { AppearanceFields } from './AppearanceFields';
export { Credits } from './Credits';
export { LayerStage } from './LayerStage';
export { OwnPhoto } from './OwnPhoto';
export { PictureSearch } from './PictureSearch';
export { PutOnBoard } from './PutOnBoard';
export { picturesOf } from './TakeIn';
export { usePhotoInHand } from './photoInHand';
