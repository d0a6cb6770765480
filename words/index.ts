export { describeCode, describeSentence, describeStored } from './describe.ts';
