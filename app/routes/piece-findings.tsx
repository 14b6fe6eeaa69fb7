export { FindingsScreen as default } from '../features/piece/findings/findings-screen.tsx';
