export { BOARD_DRAGGED, BoardList } from './BoardList';
