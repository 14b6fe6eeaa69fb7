import { answer } from '../../../api/answer.ts';
import { styles } from '../../../api/lists.ts';
import type { Route } from './+types/styles.ts';

const handlers = { GET: styles };

/** GET /api/styles. */
export const loader = ({ request }: Route.LoaderArgs) => answer(request, handlers);
export const action = ({ request }: Route.ActionArgs) => answer(request, handlers);
