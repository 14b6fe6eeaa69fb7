import { ReadScreen } from '../features/piece/read/read-screen.tsx';
import { screenRoute } from '../features/piece/screen-route.tsx';

export default screenRoute(ReadScreen);
