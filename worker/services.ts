import { cleaningService } from './cleaning-service.ts';
import { doubtService } from './doubt-service.ts';
import { findingsService } from './findings-service.ts';
import { ledgerService } from './ledger-service.ts';
import type { Services } from './protocol.ts';
import { shapeService } from './shape-service.ts';
import { createSession, type Means } from './session.ts';

/** The worker's side of the protocol: keeps one cleaning and answers questions about it. */
export function createServices(means: Means): Services {
  const session = createSession(means);
  return {
    cleaning: cleaningService(session),
    doubts: doubtService(session),
    findings: findingsService(session, means),
    ledger: ledgerService(session),
    shapes: shapeService(session),
  };
}
