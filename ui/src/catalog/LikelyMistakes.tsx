import { useState } from "react";
import { Button } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { useWarnings } from "./useCatalog";
import { ModelLink } from "../shared/NumberLink";

type WarningKind = Wire["CatalogWarning"]["kind"];

const KINDS: Record<WarningKind, string> = {
  "part-unused": "Parts no model uses",
  "slot-without-part": "Places without a part",
  "fit-at-no-place": "Parts listed for an unknown place",
  "succession-cycle": "Circular supersessions",
  "dead-end": "Supersessions that end without a current part",
  "kit-unknown": "Kits with unknown contents",
  "code-unused": "Fault codes of a brand without such machines",
  slip: "Models that differ from their equivalents at one place",
};
const SHOWN = 6;

/** Likely mistakes of the catalog, checked on request. */
export function LikelyMistakes() {
  const [asked, setAsked] = useState(false);
  const warnings = useWarnings(asked);
  const kinds = [...new Set(warnings.data?.map((r) => r.kind))];
  return (
    <section className="card-plain mt-3" aria-label="Likely mistakes">
      <span className="bin-tab">Likely mistakes</span>
      <div className="row-line d-flex gap-3 align-items-center">
        <Button variant="quiet" onClick={() => (asked ? void warnings.refetch() : setAsked(true))}>
          {asked ? "Check again" : "Check for likely mistakes"}
        </Button>
        {warnings.isFetching && <span role="status">checking …</span>}
        {warnings.error && <span role="alert">{warnings.error.message}</span>}
        {warnings.data?.length === 0 && <span role="status">No likely mistake found.</span>}
      </div>
      {kinds.map((kind) => (
        <Kind key={kind} kind={kind} warnings={warnings.data?.filter((r) => r.kind === kind) ?? []} />
      ))}
    </section>
  );
}

function Kind({ kind, warnings }: { kind: WarningKind; warnings: Wire["CatalogWarning"][] }) {
  const [all, setAll] = useState(false);
  const shown = all ? warnings : warnings.slice(0, SHOWN);
  const same = new Set(warnings.map((r) => r.message)).size === 1;
  return (
    <div className="row-line">
      <h2>
        {KINDS[kind]}: {warnings.length}
      </h2>
      {same && <div className="small">{warnings[0]?.message}</div>}
      <ul className={same ? "warnings inline" : "warnings"}>
        {shown.map((remark) => (
          <li key={remark.subject + remark.message}>
            <Subject remark={remark} /> {!same && <span className="small">{remark.message}</span>}
          </li>
        ))}
      </ul>
      {warnings.length > SHOWN && !all && (
        <Button variant="link" size="sm" className="p-0" onClick={() => setAll(true)}>
          Show all {warnings.length}
        </Button>
      )}
    </div>
  );
}

function Subject({ remark }: { remark: Wire["CatalogWarning"] }) {
  return remark.kind === "slip" ? (
    <ModelLink model={remark.subject} />
  ) : (
    <span className="code">{remark.subject}</span>
  );
}
