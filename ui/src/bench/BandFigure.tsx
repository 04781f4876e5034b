import type { Band } from "./check";

const WIDTH = 520;
const LINE = 34;

/** A reading against its acceptance band, to scale; OL stands past the end. */
export function BandFigure({ band }: { band: Band }) {
  const most = Math.max(band.high * 1.7, (band.value ?? 0) * 1.1) || 1;
  const at = (value: number) => 20 + (value / most) * (WIDTH - 80);
  const open = band.value === null;
  const mark = open ? WIDTH - 30 : at(band.value ?? 0);
  const said = open ? "OL (open)" : `${band.value} ${band.unit}`;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 74`}
      className="band"
      role="img"
      aria-label={`${said}; a good part reads ${figure(band.low)} to ${figure(band.high)} ${band.unit}`}
    >
      <line x1="20" x2={WIDTH - 60} y1={LINE} y2={LINE} className="axis" />
      <line x1={WIDTH - 60} x2={WIDTH - 14} y1={LINE} y2={LINE} className="axis beyond" />
      <rect x={at(band.low)} width={at(band.high) - at(band.low)} y={LINE - 9} height="18" className="good" />
      <text x={at(band.low)} y={LINE + 28} className="end">
        {figure(band.low)}
      </text>
      <text x={at(band.high)} y={LINE + 28}>
        {figure(band.high)} {band.unit}
      </text>
      <path d={`M${mark} ${LINE + 12}V${LINE - 14}`} className="mark" />
      <text x={mark} y={LINE - 18} className="middle strong">
        {said}
      </text>
    </svg>
  );
}

const figure = (value: number): string => (value >= 100 ? value.toFixed(0) : value.toFixed(1));
