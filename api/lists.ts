import { BUILT_IN_STYLES, PASSES, toHouseStyleFile, type Pass } from '../core/index.ts';
import { jsonAnswer, type Handler } from './answer.ts';
import { openApiDocument } from './open-api.ts';
import { PROBLEMS, RequestProblem, type ProblemCode } from './problems.ts';

/** GET /api/passes: what there is to switch on and off. */
export const passes: Handler = () =>
  jsonAnswer(
    PASSES.map(({ id, title, summary, group, onByDefault, settings = [] }: Pass) => ({
      id,
      title,
      summary,
      group,
      onByDefault,
      settings: settings.map(({ id: setting, title: name, options, usual }) => ({
        id: setting,
        title: name,
        options,
        usual,
      })),
    })),
  );

/** GET /api/styles: the styles that come with the program, each as it stands in a file. */
export const styles: Handler = () =>
  jsonAnswer(BUILT_IN_STYLES.map((style) => ({ id: style.id, about: style.about, ...toHouseStyleFile(style) })));

/** GET /api/health: that the server answers, and how busy it is. */
export const health: Handler = (_request, { pool, settings }) =>
  jsonAnswer({ status: 'ok', threads: settings.threads, ...pool.load() });

/** GET /api/openapi.json: all of this for programs. */
export const openApi: Handler = () => jsonAnswer(openApiDocument());

/** GET /api/problems/CODE: what a problem is, and what helps. */
export const problem: Handler = (request) => {
  const code = new URL(request.url).pathname.split('/').at(-1)!;
  if (!Object.hasOwn(PROBLEMS, code)) throw new RequestProblem('no-such-address');
  const [status, title, advice] = PROBLEMS[code as ProblemCode];
  return jsonAnswer({ type: `/api/problems/${code}`, title, status, detail: advice });
};
