import type { Wire } from "../../shared/api";
import { money } from "../../shared/format";

const WAYS: Record<Wire["AdviceWire"]["action"], string> = {
  sell: "sell now",
  ask: "ask first",
  "test-first": "test first",
  refer: "refer to a technician",
  stop: "stop",
};

/** The expected cost of each choice, and the parts that were tested good. */
export function AdviceCosts({ advice }: { advice: Wire["AdviceWire"] }) {
  return (
    <>
      {advice.notToSell.length > 0 && <div>Tested good, do not sell: {advice.notToSell.join("; ")}.</div>}
      {advice.setAside.length > 0 && (
        <div>Too many findings at once; not considered: {advice.setAside.join(", ").toLowerCase()}.</div>
      )}
      {advice.options.length > 0 && (
        <details className="figures-of">
          <summary className="soft">Expected cost of each choice</summary>
          <span title="Return trip, lost part value, testing and teardown time, each times its probability">
            {advice.options.map((o) => `${WAYS[o.action]} ${money(o.cost)}`).join(" · ")}
          </span>
        </details>
      )}
    </>
  );
}
