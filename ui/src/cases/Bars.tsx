export type Row = { label: string; value: number; said: string };

/** Bars from zero, each with its figure in words. */
export function Bars({ rows }: { rows: Row[] }) {
  const most = Math.max(...rows.map((row) => row.value), 1e-9);
  return (
    <ul className="bars">
      {rows.map((row) => (
        <li key={row.label}>
          <div className="bar-words">
            <span>{row.label}</span> <span className="soft">{row.said}</span>
          </div>
          <div className="bar" style={{ width: `${(100 * row.value) / most}%` }} />
        </li>
      ))}
    </ul>
  );
}
