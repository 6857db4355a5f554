import css from "./Library.module.css";

/** A range on its scale. The figure beside it says the same. */
export function RangeMark({
  range: [low, high],
  scale: [from, to],
  soft = false,
}: {
  range: readonly [number, number];
  scale: readonly [number, number];
  soft?: boolean;
}) {
  const at = (value: number) => Math.min(100, Math.max(0, ((value - from) / (to - from)) * 100));
  return (
    <span className={css.range} aria-hidden>
      <u data-soft={soft} style={{ left: `${at(low)}%`, width: `${Math.max(1.5, at(high) - at(low))}%` }} />
    </span>
  );
}
