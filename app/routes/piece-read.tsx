export { ReadScreen as default } from '../features/piece/read/read-screen.tsx';
