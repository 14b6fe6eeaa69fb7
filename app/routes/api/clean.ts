import { answer } from '../../../api/answer.ts';
import { clean } from '../../../api/clean.ts';
import type { Route } from './+types/clean.ts';

const handlers = { POST: clean };

/** POST /api/clean. */
export const action = ({ request }: Route.ActionArgs) => answer(request, handlers);
export const loader = ({ request }: Route.LoaderArgs) => answer(request, handlers);
