export { ShapesScreen as default } from '../features/piece/shapes/shapes-screen.tsx';
