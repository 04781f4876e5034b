import { BandFigure } from "./BandFigure";
import type { Result } from "./check";

/** A verdict with its band, its reason and what to do next. */
export function Outcome({ result }: { result: Result }) {
  const { verdict, band, figures } = result;
  return (
    <>
      <p className="judgment" data-verdict={verdict.verdict}>
        {verdict.verdict.replaceAll("-", " ")}
      </p>
      {band && <BandFigure band={band} />}
      <p>{verdict.why}</p>
      <p>
        <b>Next:</b> {verdict.next}
      </p>
      {figures.length > 0 && (
        <dl>
          {figures.map(([name, value]) => (
            <div key={name}>
              <dt>{name}</dt>
              <dd>{value}</dd>
            </div>
          ))}
        </dl>
      )}
      <p className="small soft">{verdict.source}</p>
    </>
  );
}
