import css from "./RangeBar.module.css";

type Props = {
  from: number;
  to: number;
  band: readonly [number, number];
  marks?: readonly { at: number; label: string }[];
  color?: string;
};

const share = (value: number, from: number, to: number): number =>
  Math.min(100, Math.max(0, ((value - from) / (to - from)) * 100));

/** A band on a scale, and where something stands against it. The words beside it say the same. */
export function RangeBar({ from, to, band, marks = [], color = "var(--moss)" }: Props) {
  const left = share(band[0], from, to);
  return (
    <div className={css.bar} aria-hidden>
      <u style={{ left: `${left}%`, width: `${Math.max(1, share(band[1], from, to) - left)}%`, background: color }} />
      {marks.map((mark) => (
        <s key={mark.label} title={mark.label} style={{ left: `${share(mark.at, from, to)}%` }} />
      ))}
    </div>
  );
}
