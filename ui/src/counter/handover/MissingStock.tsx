import type { Wire } from "../../shared/api";
import { many } from "../../shared/format";
import type { Answer } from "../casefile/case";

type Props = { answer: Answer; chosen: Wire["PurchaseOption"]; branch: string | null };

/** What the chosen branch does not have, where it is, and when it can be here. */
export function MissingStock({ answer, chosen, branch }: Props) {
  if (branch === null) {
    return null;
  }
  const missing = chosen.lines.flatMap((line) => {
    const stock = answer.parts.find((part) => part.part === line.part)?.stock ?? [];
    const here = stock.find((s) => s.branch === branch);
    return (here?.onHand ?? 0) >= line.quantity ? [] : [{ line, here, elsewhere: stock }];
  });
  return (
    <>
      {missing.map(({ line, here, elsewhere }) => (
        <div key={line.part} className="notice small" role="status">
          <span className="code">{line.part}</span>{" "}
          {here && here.onHand > 0 ? `only ${here.onHand} of ${line.quantity}` : "none"} at {branch}.{" "}
          {whereElse(elsewhere, branch, line.quantity)}
          {here && here.leadDays > 0 && ` Here in ${many(here.leadDays, "day")} if ordered.`}
        </div>
      ))}
    </>
  );
}

function whereElse(stock: Wire["PartListing"]["stock"], branch: string, quantity: number): string {
  const others = stock.filter((s) => s.branch !== branch && s.onHand > 0);
  const words = others.map((s) => `${s.branch} has ${s.onHand}${s.onHand < quantity ? " only" : ""}`);
  return words.length === 0 ? "No branch has it." : `${words.join(", ")}.`;
}
