import { findFindings, stepForRepeated } from '../core/index.ts';
import type { FindingsService } from './protocol.ts';
import type { Means, Session } from './session.ts';

/** What the source is made of. */
export function findingsService(session: Session, { nameCharacters }: Pick<Means, 'nameCharacters'>): FindingsService {
  return {
    async find() {
      const findings = findFindings(session.now().cleaning);
      return { ...findings, names: await nameCharacters(findings.characters.map(({ codePoint }) => codePoint)) };
    },
    repeatedStep: (text, action) => stepForRepeated(session.now().cleaning, text, action),
  };
}
