import { answer } from '../../../api/answer.ts';
import { health } from '../../../api/lists.ts';
import type { Route } from './+types/health.ts';

const handlers = { GET: health };

/** GET /api/health. */
export const loader = ({ request }: Route.LoaderArgs) => answer(request, handlers);
export const action = ({ request }: Route.ActionArgs) => answer(request, handlers);
