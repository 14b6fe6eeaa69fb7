export { PieceText as default } from '../features/piece/piece-text.tsx';
