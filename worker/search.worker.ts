import { expose } from 'comlink';
import { createSearchService } from './search-service.ts';

expose(createSearchService());
