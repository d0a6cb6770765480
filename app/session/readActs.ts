// Read where it is needed, not with the first page.
export { actsOf } from '../../core/formula/index.ts';
