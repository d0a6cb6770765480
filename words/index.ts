export { describeCode, describeSentence, describeStored } from './describe.ts';
export { speakUnits } from './units.ts';
