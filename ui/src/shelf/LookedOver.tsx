import { useState } from "react";
import { Button } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { useRemarks } from "./useShelf";
import { ModelLink } from "../shared/NumberLink";

const KINDS: Record<string, string> = {
  "part-unused": "Parts no machine uses",
  "slot-without-part": "Places without a part",
  "fit-at-no-place": "Parts listed at no place",
  "succession-cycle": "Successions in a circle",
  "dead-end": "Successions that end in nothing",
  "kit-unknown": "Kits with unknown contents",
  slip: "Models that differ from their twins at one place",
};
const SHOWN = 6;

/** What is probably not meant, looked for when asked. */
export function LookedOver() {
  const [asked, setAsked] = useState(false);
  const remarks = useRemarks(asked);
  const kinds = Object.keys(KINDS).filter((kind) => remarks.data?.some((r) => r.kind === kind));
  return (
    <section className="card-plain mt-3" aria-label="Look it over">
      <span className="bin-tab">Look it over</span>
      <div className="row-line d-flex gap-3 align-items-center">
        <Button variant="quiet" onClick={() => (asked ? void remarks.refetch() : setAsked(true))}>
          {asked ? "Look again" : "Look for what is probably not meant"}
        </Button>
        {remarks.isFetching && <span role="status">looking …</span>}
        {remarks.error && <span role="alert">{remarks.error.message}</span>}
        {remarks.data?.length === 0 && <span role="status">Nothing was found.</span>}
      </div>
      {kinds.map((kind) => (
        <Kind key={kind} kind={kind} remarks={remarks.data?.filter((r) => r.kind === kind) ?? []} />
      ))}
    </section>
  );
}

function Kind({ kind, remarks }: { kind: string; remarks: Wire["RemarkWire"][] }) {
  const [all, setAll] = useState(false);
  const shown = all ? remarks : remarks.slice(0, SHOWN);
  const same = new Set(remarks.map((r) => r.message)).size === 1;
  return (
    <div className="row-line">
      <h2>
        {KINDS[kind]}: {remarks.length}
      </h2>
      {same && <div className="small">{remarks[0]?.message}</div>}
      <ul className={same ? "remarks inline" : "remarks"}>
        {shown.map((remark) => (
          <li key={remark.subject + remark.message}>
            <Subject remark={remark} /> {!same && <span className="small">{remark.message}</span>}
          </li>
        ))}
      </ul>
      {remarks.length > SHOWN && !all && (
        <Button variant="link" size="sm" className="p-0" onClick={() => setAll(true)}>
          all {remarks.length}
        </Button>
      )}
    </div>
  );
}

function Subject({ remark }: { remark: Wire["RemarkWire"] }) {
  return remark.kind === "slip" ? (
    <ModelLink model={remark.subject} />
  ) : (
    <span className="code">{remark.subject}</span>
  );
}
