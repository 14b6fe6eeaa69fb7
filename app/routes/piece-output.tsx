export { OutputScreen as default } from '../features/piece/output/output-screen.tsx';
