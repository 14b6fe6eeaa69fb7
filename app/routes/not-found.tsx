import { Failure } from '../ui/failure.tsx';

export function loader(): never {
  throw new Response('Not found', { status: 404 });
}

export default function NotFound() {
  return <Failure title="There is no page at this address" advice="The link may be old, or mistyped." />;
}
