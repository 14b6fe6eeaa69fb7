/** An arrow that turns back, or forth. */
export function TurnIcon({ isForward = false }: { readonly isForward?: boolean }) {
  return (
    <svg
      width="18"
      height="18"
      viewBox="0 0 18 18"
      aria-hidden
      style={isForward ? { transform: 'scaleX(-1)' } : undefined}
    >
      <path
        d="M3 7.2h8.2a3.9 3.9 0 0 1 0 7.8H7M6.4 3.6 2.8 7.2l3.6 3.6"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.7"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}
