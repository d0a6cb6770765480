export { describeCode, describeSentence, describeStored } from './describe.ts';
export { speakDegrees } from './degrees.ts';
