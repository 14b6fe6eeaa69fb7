import { answer } from '../../../api/answer.ts';
import { openApi } from '../../../api/lists.ts';
import type { Route } from './+types/openapi.ts';

const handlers = { GET: openApi };

/** GET /api/openapi.json. */
export const loader = ({ request }: Route.LoaderArgs) => answer(request, handlers);
export const action = ({ request }: Route.ActionArgs) => answer(request, handlers);
