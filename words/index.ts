export { say, sayAloud } from './say.ts';
