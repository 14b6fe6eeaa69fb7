import { ShapesScreen } from '../features/piece/shapes/shapes-screen.tsx';
import { screenRoute } from '../features/piece/screen-route.tsx';

export default screenRoute(ShapesScreen);
