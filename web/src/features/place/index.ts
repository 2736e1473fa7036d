export { Arrows } from './Arrows';
export { ComparedBar, PlacesSide } from './PlacesSide';
export { usePlaces } from './usePlaces';
