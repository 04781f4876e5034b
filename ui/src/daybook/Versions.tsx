import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button } from "react-bootstrap";
import { answer, api, type Wire } from "../shared/api";
import { many, when } from "../shared/format";

type Props = {
  versions: Wire["VersionWire"][];
  inForce: number;
  /** Not given while nobody said who decides. */
  onBack: ((version: number) => void) | undefined;
};

/** What was accepted, by whom and when; each can be compared with what is in force, and gone back to. */
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
              {v.like != null && `, back to ${v.like === 0 ? "the packs" : v.like}`}:{" "}
              {many(v.figures, "figure")} over the packs
            </span>
            {v.version === inForce ? (
              <b>in force</b>
            ) : (
              <Deeds version={v.version} onCompare={setCompared} onBack={onBack} />
            )}
          </li>
        ))}
        <li className="row-line d-flex gap-3 align-items-center">
          <span>
            <b>0</b> the packs as they ship
          </span>
          <Deeds version={0} onCompare={setCompared} onBack={onBack} />
        </li>
      </ul>
      {compared !== null && <Compared first={compared} second={inForce} />}
    </section>
  );
}

type DeedsProps = { version: number; onCompare: (version: number) => void; onBack: Props["onBack"] };

function Deeds({ version, onCompare, onBack }: DeedsProps) {
  return (
    <>
      <Button variant="quiet" size="sm" onClick={() => onCompare(version)}>
        Compare
      </Button>
      <Button variant="quiet" size="sm" disabled={onBack === undefined} onClick={() => onBack?.(version)}>
        Go back to it
      </Button>
    </>
  );
}

/** Which figures differ between two versions. */
function Compared({ first, second }: { first: number; second: number }) {
  const differing = useQuery({
    queryKey: ["learning", first, second],
    queryFn: () => answer(api.GET("/api/learning/compare", { params: { query: { first, second } } })),
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
            {d.words}: {shown(d.first)} there, {shown(d.second)} now
          </li>
        ))}
      </ul>
    </div>
  );
}
