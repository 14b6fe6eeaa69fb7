import { expose, transfer } from 'comlink';
import { fetchWords } from './fetch-words.ts';
import { pdfPages } from './pdf-pages.ts';
import { createStackService, type StackService } from './stack-service.ts';

const service = createStackService({ fetchWords, openPdf: pdfPages });

const exposed: StackService = {
  ...service,
  async write(task, to, wantsRecord) {
    const written = await service.write(task, to, wantsRecord);
    return written.ok ? transfer(written, [written.bytes.buffer]) : written;
  },
};

expose(exposed);
