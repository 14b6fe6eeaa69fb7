import { answer } from '../../../api/answer.ts';
import { passes } from '../../../api/lists.ts';
import type { Route } from './+types/passes.ts';

const handlers = { GET: passes };

/** GET /api/passes. */
export const loader = ({ request }: Route.LoaderArgs) => answer(request, handlers);
export const action = ({ request }: Route.ActionArgs) => answer(request, handlers);
