import { expose } from 'comlink';
import { nameCharacters } from './character-names.ts';
import { fetchWords } from './fetch-words.ts';
import { createServices } from './services.ts';

expose(createServices({ fetchWords, nameCharacters }));
