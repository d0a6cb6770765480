import { Disclosure as Fold, DisclosureButton, DisclosurePanel } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';
import type { ReactNode } from 'react';

/** What is one touch away: it opens under its own name. */
export const Disclosure = ({ title, children }: { readonly title: string; readonly children: ReactNode }) => (
  <Fold as="div">
    <DisclosureButton className="group inline-flex min-h-11 items-center gap-2 text-lg font-semibold text-act underline decoration-band decoration-2 underline-offset-4">
      {title}
      <ChevronDown aria-hidden className="size-5 group-data-open:rotate-180 motion-safe:transition-transform" />
    </DisclosureButton>
    <DisclosurePanel className="pt-2">{children}</DisclosurePanel>
  </Fold>
);
