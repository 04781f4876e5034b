import { useQuery } from "@tanstack/react-query";
import { answer, api, type Wire } from "../../shared/api";
import { many, money, sentence } from "../../shared/format";
import { useCounts } from "../../shared/useCounts";
import { PartLink } from "../../shared/NumberLink";
import type { Answer } from "../casefile/case";

/** The parts that are asked for by number while no machine is known. */
export const byNumberAlone = (given: Answer): Wire["NeededWire"][] =>
  given.model || given.platform
    ? []
    : given.needs.filter((need) => need.slots.length === 0 && need.supplied != null);

/** What a requested number is, which machines take it, and what it holds: all that can be said without a model. */
export function NumberCard({ need }: { need: Wire["NeededWire"] }) {
  const part = need.supplied ?? need.listed;
  const whole = useQuery({
    queryKey: ["part", part, "alone"],
    queryFn: () => answer(api.GET("/api/parts/{part}", { params: { path: { part } } })),
  }).data;
  const counts = useCounts(part).data;
  const total = counts?.reduce((sum, count) => sum + count.models, 0);
  return (
    <section className="card-plain" aria-label={`Part ${part}`}>
      <div className="row-line">
        <PartLink part={part} /> <b>{whole && sentence(whole.part.name)}</b>{" "}
        {whole?.part.price && money(whole.part.price)}
        {need.listed !== part && <span className="small"> · today&apos;s number for {need.listed}</span>}
        <div>
          {total === undefined
            ? "Counting the models …"
            : total === 0
              ? "No listed model uses it."
              : `${many(total, "listed model")} use it: `}
          {counts?.map((c) => `${c.brand} ${c.appliance} ${c.models}`).join(", ")}
        </div>
        {whole && whole.contents.length > 0 && (
          <div className="small">
            Holds {whole.contents.map((c) => `${c.quantity} × ${c.part}`).join(", ")}.
          </div>
        )}
        <div className="small soft">
          Fit not checked: ask for the model number. The quote and the repair sheet say so.
        </div>
      </div>
    </section>
  );
}
