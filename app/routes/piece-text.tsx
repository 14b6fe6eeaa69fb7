import { PieceText } from '../features/piece/piece-text.tsx';
import { screenRoute } from '../features/piece/screen-route.tsx';

export default screenRoute(PieceText);
