import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button } from "react-bootstrap";
import { answer, api, type Wire } from "../shared/api";
import { many, when } from "../shared/format";

type Props = {
  versions: Wire["VersionWire"][];
  inForce: number;
  /** Absent until it is entered who decides. */
  onBack: ((version: number) => void) | undefined;
};

/** Accepted versions; each can be compared with the one in use, and restored. */
export function Versions({ versions, inForce, onBack }: Props) {
  const [compared, setCompared] = useState<number | null>(null);
  if (versions.length === 0) {
    return null;
  }
  return (
    <section className="card-plain mt-3" aria-label="Versions">
      <span className="bin-tab">Versions</span>
      <ul className="entries">
        {[...versions].reverse().map((v) => (
          <li key={v.version} className="row-line d-flex gap-3 align-items-center">
            <span>
              <b>{v.version}</b> {when(v.at)} by {v.by}
              {v.like != null && `, restored ${v.like === 0 ? "as shipped" : v.like}`}:{" "}
              {many(v.figures, "figure")} changed
            </span>
            {v.version === inForce ? (
              <b>in use</b>
            ) : (
              <VersionActions version={v.version} onCompare={setCompared} onBack={onBack} />
            )}
          </li>
        ))}
        <li className="row-line d-flex gap-3 align-items-center">
          <span>
            <b>0</b> fault guide as shipped
          </span>
          <VersionActions version={0} onCompare={setCompared} onBack={onBack} />
        </li>
      </ul>
      {compared !== null && <Compared first={compared} second={inForce} />}
    </section>
  );
}

type VersionActionsProps = { version: number; onCompare: (version: number) => void; onBack: Props["onBack"] };

function VersionActions({ version, onCompare, onBack }: VersionActionsProps) {
  return (
    <>
      <Button variant="quiet" size="sm" onClick={() => onCompare(version)}>
        Compare
      </Button>
      <Button variant="quiet" size="sm" disabled={onBack === undefined} onClick={() => onBack?.(version)}>
        Restore
      </Button>
    </>
  );
}

/** Which figures differ between two versions. */
function Compared({ first, second }: { first: number; second: number }) {
  const differing = useQuery({
    queryKey: ["learning", first, second],
    queryFn: () => answer(api.GET("/api/updates/compare", { params: { query: { first, second } } })),
  });
  const shown = (value: number | null | undefined) => (value == null ? "as shipped" : value.toPrecision(3));
  return (
    <div className="row-line small" role="status">
      <b>
        {many(differing.data?.length ?? 0, "figure")} differ between version {first} and {second}
      </b>
      <ul className="mb-0">
        {differing.data?.map((d) => (
          <li key={`${d.kind}|${d.appliance ?? ""}|${d.subject}`}>
            {d.words}: {shown(d.first)} in {first}, {shown(d.second)} in {second}
          </li>
        ))}
      </ul>
    </div>
  );
}
