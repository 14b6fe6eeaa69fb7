import { answer } from '../../../api/answer.ts';
import type { Route } from './+types/elsewhere.ts';

/** Any other address below /api. */
export const loader = ({ request }: Route.LoaderArgs) => answer(request, {});
export const action = ({ request }: Route.ActionArgs) => answer(request, {});
