import { answer } from '../../../api/answer.ts';
import { problem } from '../../../api/lists.ts';
import type { Route } from './+types/problem.ts';

const handlers = { GET: problem };

/** GET /api/problems/:code. */
export const loader = ({ request }: Route.LoaderArgs) => answer(request, handlers);
export const action = ({ request }: Route.ActionArgs) => answer(request, handlers);
