import type { Wire } from "../shared/api";
import { many, percent } from "../shared/format";

/** How many are shown; the table has them all. */
const SHOWN = 10;

/** Rates on one scale, each with its 95% interval. */
export function Rates({ shares }: { shares: Wire["AccuracyReportShare"][] }) {
  return (
    <ul className="shares">
      {shares.slice(0, SHOWN).map((share) => (
        <li key={share.label}>
          <span>{share.label.replaceAll("-", " ")}</span>
          <svg
            viewBox="0 0 100 10"
            preserveAspectRatio="none"
            role="img"
            aria-label={`${percent(share.rate)}, 95% interval ${percent(share.low)} to ${percent(share.high)}`}
          >
            <line x1="0" x2="100" y1="9" y2="9" className="scale" />
            <rect
              x={100 * share.low}
              width={Math.max(0.5, 100 * (share.high - share.low))}
              y="3"
              height="4"
              className="reach"
            />
            <rect x={100 * share.rate - 0.4} width="0.8" y="0.5" height="9" className="rate" />
          </svg>
          <span className="numeric">{percent(share.rate)}</span>
          <span className="small soft">{many(share.cases, "case")}</span>
        </li>
      ))}
      {shares.length > SHOWN && <li className="small soft">and {shares.length - SHOWN} more in the table</li>}
    </ul>
  );
}
