import type { PointerEvent } from 'react';
import { useRef, useState } from 'react';

type Drag<S, E extends Element> = {
  /** What the drag begins with: where it was grabbed, what was there. */
  readonly start: (event: PointerEvent<E>) => S;
  readonly move: (event: PointerEvent<E>, from: S) => void;
  /** `isDone`: false when the system took the pointer away. */
  readonly end?: (event: PointerEvent<E>, from: S, isDone: boolean) => void;
  /** Something lies beneath that can be dragged too. */
  readonly isOnTop?: boolean;
};

/** Drags by pointer, the pointer captured so that it may leave the thing. The keyboard's twin is for whoever uses this to give. */
export const useDrag = <S, E extends Element>({ start, move, end, isOnTop = false }: Drag<S, E>) => {
  const from = useRef<{ readonly value: S } | null>(null);
  const [isDragging, setDragging] = useState(false);
  const finish = (event: PointerEvent<E>, isDone: boolean): void => {
    if (isOnTop) event.stopPropagation();
    const { current } = from;
    from.current = null;
    setDragging(false);
    if (current !== null) end?.(event, current.value, isDone);
  };
  return {
    isDragging,
    handlers: {
      onPointerDown: (event: PointerEvent<E>): void => {
        if (isOnTop) event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        from.current = { value: start(event) };
        setDragging(true);
      },
      onPointerMove: (event: PointerEvent<E>): void => {
        if (isOnTop) event.stopPropagation();
        if (from.current !== null) move(event, from.current.value);
      },
      onPointerUp: (event: PointerEvent<E>): void => finish(event, true),
      onPointerCancel: (event: PointerEvent<E>): void => finish(event, false),
    },
  };
};
