import type { KeyboardEvent } from 'react';
import { useState } from 'react';
import type { ReadNumber } from '../../../core/basis/index.ts';

type Typing = {
  /** The value that the entry was last given. */
  readonly value: number | null;
  readonly text: string;
  /** A hand is typing: what is given meanwhile doesn't replace it. */
  readonly isTyping: boolean;
  /** Given by somebody else while a hand was typing. */
  readonly isOvertaken: boolean;
};

type Asked = {
  readonly value: number | null;
  /** The value as it stands in the entry. */
  readonly typed: (value: number | null) => string;
  readonly read: (text: string) => ReadNumber;
  /** What was read makes sense here. */
  readonly fits: (read: ReadNumber) => boolean;
  readonly onChange: (value: number | null) => void;
  readonly onEnter: ((value: number) => void) | undefined;
};

/**
 * An entry that is being typed into. Nothing is stored before it is left or sent, so that the beginning of a wrong number never is; Escape takes back what
 * was typed; what another tab changes meanwhile shows at once where nobody types, and is told where somebody does.
 */
export const useEntry = ({ value, typed, read, fits, onChange, onEnter }: Asked) => {
  const fresh = (): Typing => ({ value, text: typed(value), isTyping: false, isOvertaken: false });
  const [typing, setTyping] = useState(fresh);
  if (!Object.is(typing.value, value)) setTyping(typing.isTyping ? { ...typing, value, isOvertaken: true } : fresh());
  const { text, isTyping } = typing;
  const now = read(text);
  const isOff = !fits(now);
  const [isTouched, setTouched] = useState(false);
  const take = (entered: string): void => {
    setTouched(true);
    const next = read(entered);
    if (!fits(next)) {
      setTyping({ ...typing, text: entered });
      return;
    }
    setTyping({ ...typing, text: entered, isTyping: false, isOvertaken: false });
    const given = next.kind === 'number' ? next.value : null;
    if (given !== value) onChange(given);
  };
  const send = (): void => {
    if (isTyping) take(text);
    if (now.kind !== 'number' || isOff || onEnter === undefined) return;
    setTyping(fresh());
    onEnter(now.value);
  };
  return {
    text,
    read: now,
    hasProblem: isTouched && isOff,
    isOvertaken: typing.isOvertaken,
    /** What stands there would be sent by Enter. */
    isReady: isTyping && !isOff && now.kind === 'number',
    take,
    send,
    field: {
      value: text,
      onChange: (event: { readonly target: { readonly value: string } }) => {
        setTouched(true);
        setTyping({ ...typing, text: event.target.value, isTyping: true });
      },
      onBlur: () => isTyping && onEnter === undefined && take(text),
      onKeyDown: (event: KeyboardEvent) => {
        if (event.key === 'Enter') send();
        if (event.key !== 'Escape' || !isTyping) return;
        // Only what was typed is taken back; the sheet around it stays.
        event.preventDefault();
        setTyping(fresh());
        setTouched(false);
      },
    },
  };
};
