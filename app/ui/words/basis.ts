import type { AdviceAnswer } from '../../../core/advise/index.ts';

type Basis = AdviceAnswer['basis'];

/** What figures rest on, in a few words; of a model alone: nothing of this iron is known yet. */
export const basisInShort = (basis: Basis): string =>
  basis === null ? 'estimate' : basis.loads === 0 ? 'from a teaspoon' : basis.loads === 1 ? 'from one load' : `from ${basis.loads} loads`;

/** The same in a sentence. `without`: why no load has its say, where none has. */
export const basisInWords = (basis: Basis, without: 'as-new' | 'being-weighed' | 'none-yet'): string =>
  basis !== null
    ? `${basisInShort(basis)} on this iron`
    : {
        'as-new': 'estimate: your loads are left out',
        'being-weighed': 'estimate: your loads are being worked in …',
        'none-yet': 'estimate: nothing cooked on this iron yet',
      }[without];
