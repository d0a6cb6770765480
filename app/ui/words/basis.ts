import type { AdviceAnswer } from '../../../core/advise/index.ts';

type Basis = AdviceAnswer['basis'];

/** What figures rest on, in a few words; of a model alone: nothing of this iron is known yet. */
export const basisInShort = (basis: Basis): string =>
  basis === null ? 'model only' : basis.loads === 0 ? 'from a teaspoon' : basis.loads === 1 ? 'from one load' : `from ${basis.loads} loads`;

/** The same in a sentence. `without`: why no load has its say, where none has. */
export const basisInWords = (basis: Basis, without: 'as-new' | 'being-weighed' | 'none-yet'): string =>
  basis !== null
    ? `${basisInShort(basis)} on this iron${basis.chance === null ? '' : `; ${Math.round(100 * basis.chance)} % of such loads land`}`
    : {
        'as-new': 'the model only: as if nobody had cooked on this iron',
        'being-weighed': 'the model only; what its loads say is being weighed',
        'none-yet': 'the model only; no load of this iron has said anything yet',
      }[without];
