import { OutputScreen } from '../features/piece/output/output-screen.tsx';
import { screenRoute } from '../features/piece/screen-route.tsx';

export default screenRoute(OutputScreen);
