import { Link } from "react-router";
import type { Wire } from "../shared/api";
import { fieldName, hazardName, money, percent, sentence } from "../shared/format";
import { PartLink } from "../shared/NumberLink";

type Props = { revision: Wire["RevisionWire"] };

/** One revision: the known facts, the likely causes, the bag with its reasons, and the cautions. */
export function Snapshot({ revision: r }: Props) {
  return (
    <>
      <p>
        “{r.line}” <span className="soft">{r.status === "handed-over" ? "✓ handed over" : "○ on hold"}</span>
      </p>
      <Changes changes={r.changes} />
      <div className="stood">
        <section className="card-plain" aria-label="Known">
          <span className="bin-tab">Known</span>
          <ul className="entries">
            {r.known.map((k) => (
              <li key={k.key} className="row-line d-flex justify-content-between gap-2">
                {k.words} <span className="small soft text-nowrap">{k.source}</span>
              </li>
            ))}
          </ul>
          {r.known.length === 0 && <p className="soft">Nothing was known.</p>}
        </section>
        <section className="card-plain" aria-label="Likely causes">
          <span className="bin-tab">Likely causes</span>
          <ul className="entries">
            {r.suspects.map((s) => (
              <li key={s.fault} className="row-line d-flex justify-content-between gap-2">
                {s.name ?? s.fault} <span className="numeric text-nowrap">{percent(s.probability)}</span>
              </li>
            ))}
          </ul>
          {r.action && (
            <p className="row-line mb-0">
              <b>{sentence(r.action.replaceAll("-", " "))}:</b> {r.why}
            </p>
          )}
        </section>
        <div className="rest">
          <BagContents revision={r} />
          <CautionList revision={r} />
        </div>
      </div>
    </>
  );
}

function Changes({ changes }: { changes: Wire["FieldChange"][] }) {
  return changes.length === 0 ? null : (
    <ul className="changes" aria-label="Changes">
      {changes.map((c) => (
        <li key={c.field}>
          <b>{fieldName(c.field)}</b>: <span className="soft">{c.before || "empty"}</span> →{" "}
          {c.after || "empty"}
        </li>
      ))}
    </ul>
  );
}

function BagContents({ revision: r }: Props) {
  return (
    <section className="card-plain" aria-label="In the bag">
      <span className="bin-tab">In the bag</span>
      <ul className="entries">
        {r.lines.map((line) => (
          <li key={line.part} className="row-line">
            {line.quantity} × <PartLink part={line.part} />
          </li>
        ))}
        {r.rules.map((rule) => (
          <li key={rule.part + rule.why} className="row-line small">
            {rule.quantity} × <span className="code">{rule.part}</span> required:{" "}
            <span className="soft">{rule.why}</span>
          </li>
        ))}
        {r.quotes.map((quote) => (
          <li key={quote.number} className="row-line">
            <Link to={`/quotes/${quote.number}`}>Quote {quote.number}</Link>:{" "}
            {money(quote.total, quote.currency)}
          </li>
        ))}
      </ul>
      {r.lines.length === 0 && <p className="soft">Empty.</p>}
    </section>
  );
}

function CautionList({ revision: r }: Props) {
  return r.cautions.length === 0 ? null : (
    <section className="card-plain" aria-label="Cautions">
      <span className="bin-tab">Cautions{r.readTo && `, read to ${r.readTo}`}</span>
      <ul className="entries">
        {r.cautions.map((c) => (
          <li key={c.text} className="row-line">
            <b>
              {c.shown ? "✓" : "○ not read:"} {hazardName(c.hazard)}
            </b>{" "}
            <span className="small soft">{c.text}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
