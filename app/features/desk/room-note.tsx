import { styled } from 'styled-components';
import type { Room } from '../../../storage/room.ts';

/** Of what the browser gives, so much is nearly all. */
const NEARLY_FULL = 0.9;

/** A word before the browser's storage is full; nothing as long as there is room. */
export function RoomNote({ room }: { readonly room: Room | undefined }) {
  if (!room || room.used < NEARLY_FULL * room.given) return null;
  const left = Math.max(0, Math.round((room.given - room.used) / 1e6)).toLocaleString('en');
  return (
    <Note role="status">
      The browser’s storage is nearly full: {left} MB are left. Save a backup, then delete pieces that you no longer
      need.
    </Note>
  );
}

const Note = styled.p`
  padding: 8px 12px;
  border: 1px solid var(--doubt);
  border-radius: 8px;
`;
