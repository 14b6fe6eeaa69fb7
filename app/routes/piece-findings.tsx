import { FindingsScreen } from '../features/piece/findings/findings-screen.tsx';
import { screenRoute } from '../features/piece/screen-route.tsx';

export default screenRoute(FindingsScreen);
