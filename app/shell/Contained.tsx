import type { ReactNode } from 'react';
import { Component } from 'react';

type Props = { readonly children: ReactNode };

/** What fails in here is left out; the station beneath it works on. */
export class Contained extends Component<Props, { readonly hasFailed: boolean }> {
  override state = { hasFailed: false };

  static getDerivedStateFromError(): { readonly hasFailed: boolean } {
    return { hasFailed: true };
  }

  override render(): ReactNode {
    return this.state.hasFailed ? (
      <p className="no-print border-b border-line bg-sheet p-3 text-quiet">
        The next act can’t be shown: something in this plan can’t be read.
      </p>
    ) : (
      this.props.children
    );
  }
}
