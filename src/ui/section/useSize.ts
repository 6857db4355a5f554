"use client";

import { useCallback, useState } from "react";

export type Size = { width: number; height: number };

/** The size of an element as it is laid out. Give the first value to its `ref`. */
export function useSize(): [ref: (element: HTMLElement | null) => (() => void) | undefined, size: Size | undefined] {
  const [size, setSize] = useState<Size | undefined>(undefined);
  const ref = useCallback((element: HTMLElement | null) => {
    if (!element) return undefined;
    const observer = new ResizeObserver(([entry]) => {
      if (!entry) return;
      const { width, height } = entry.contentRect;
      setSize((before) => (before?.width === width && before.height === height ? before : { width, height }));
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, size];
}
