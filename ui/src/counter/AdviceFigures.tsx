import type { Wire } from "../shared/api";

const WAYS: Record<string, string> = {
  sell: "hand over now",
  ask: "ask first",
  "test-first": "test first",
  refer: "a qualified person looks",
};

/** What each way to go on is expected to cost, and what was found good and is not sold. */
export function AdviceFigures({ advice }: { advice: Wire["AdviceWire"] }) {
  return (
    <>
      {advice.notToSell.length > 0 && <div>Do not sell: {advice.notToSell.join("; ")}.</div>}
      {advice.setAside.length > 0 && (
        <div>Too many signs at once; not weighed: {advice.setAside.join(", ").toLowerCase()}.</div>
      )}
      {advice.options.length > 0 && (
        <details className="figures-of">
          <summary className="soft">expected cost of each way</summary>
          <span title="A second trip, what is lost on a part, minutes and opening up, each by its chance">
            {advice.currency}: {advice.options.map((o) => `${WAYS[o.action]} ${o.cost}`).join(" · ")}
          </span>
        </details>
      )}
    </>
  );
}
