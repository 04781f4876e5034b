import type { Wire } from "../shared/api";
import { percent } from "../shared/format";

const SIZE = 180;
const EDGE = 28;

/** Predicted probability against actual frequency; on the line, predictions were right. */
export function Calibration({ bins }: { bins: Wire["AccuracyReportBin"][] }) {
  const x = (share: number) => EDGE + share * SIZE;
  const y = (share: number) => SIZE + 6 - share * SIZE;
  const words = bins.map((b) => `predicted ${percent(b.said)}, actual ${percent(b.was / b.of)} of ${b.of}`);
  return (
    <svg
      className="calibration"
      viewBox={`0 0 ${SIZE + 2 * EDGE} ${SIZE + 36}`}
      role="img"
      aria-label={words.join("; ")}
    >
      <rect x={EDGE} y={6} width={SIZE} height={SIZE} className="frame" />
      <line x1={x(0)} y1={y(0)} x2={x(1)} y2={y(1)} className="even" />
      {bins.map((bin) => (
        <g key={bin.from}>
          <line x1={x(bin.said)} x2={x(bin.said)} y1={y(bin.low)} y2={y(bin.high)} className="whisker" />
          <circle cx={x(bin.said)} cy={y(bin.was / bin.of)} r={3.5} className="dot" />
        </g>
      ))}
      {[0, 0.5, 1].map((share) => (
        <g key={share}>
          <text x={x(share)} y={SIZE + 18} textAnchor="middle">
            {percent(share)}
          </text>
          <text x={EDGE - 4} y={y(share) + 3} textAnchor="end">
            {percent(share)}
          </text>
        </g>
      ))}
      <text x={x(0.5)} y={SIZE + 32} textAnchor="middle">
        predicted
      </text>
      <text x={x(0.04)} y={18}>
        actual
      </text>
    </svg>
  );
}
