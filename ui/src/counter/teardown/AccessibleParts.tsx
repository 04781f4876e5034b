import { useQuery } from "@tanstack/react-query";
import { answer, api, type Wire } from "../../shared/api";
import { money, percent } from "../../shared/format";
import { PartLink } from "../../shared/NumberLink";
import type { Answer } from "../casefile/case";

type Open = Wire["OpenPartWire"];

const SHOWN = 6;
const BAR = 5;
const HEIGHT = 18;

/** The accessible parts, and from which planning horizon on replacing each is worth it. */
export function AccessibleParts({ worked, slots }: { worked: Answer; slots: string[] }) {
  const model = worked.model?.model ?? null;
  const platform = worked.platform ?? null;
  const opened = useQuery({
    queryKey: ["teardown", model, platform, slots, worked.ageYears],
    queryFn: () =>
      answer(
        api.POST("/api/teardown", { body: { model, platform, slots, ageYears: worked.ageYears ?? null } }),
      ),
    enabled: slots.length > 0 && (model !== null || platform !== null) && worked.ageYears != null,
    staleTime: 60_000,
  });
  const parts = opened.data?.whileOpen.slice(0, SHOWN) ?? [];
  if (parts.length === 0) {
    return null;
  }
  return (
    <table className="open-parts small">
      <caption>Other accessible parts, and what replacing them now saves over 1 to 10 years</caption>
      <tbody>
        {parts.map((part) => (
          <tr key={part.part}>
            <td>{part.advised ? <b className="verdict">✓ worth it</b> : "○ not worth it"}</td>
            <td>
              <PartLink part={part.part} /> {part.partType.replaceAll("-", " ")}
            </td>
            <td className="numeric">{part.price && money(part.price)}</td>
            <td>{percent(part.risk)} fail</td>
            <td>
              <SavingsChart part={part} />
            </td>
            <td>{breakEven(part)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** From which horizon on it is worth it. */
function breakEven(part: Open): string {
  const first = part.savings.findIndex((saving) => !saving.startsWith("-") && saving !== "0.00");
  return first < 0 ? "not worth it" : first === 0 ? "worth it now" : `worth it from ${first + 1} years`;
}

function SavingsChart({ part }: { part: Open }) {
  const most = Math.max(...part.savings.map((saving) => Math.abs(Number(saving))), 1);
  return (
    <svg
      width={part.savings.length * BAR}
      height={2 * HEIGHT}
      role="img"
      aria-label={`Saving by years: ${part.savings.join(", ")}`}
    >
      {part.savings.map((saving, index) => {
        const height = (Math.abs(Number(saving)) / most) * HEIGHT;
        const pays = !saving.startsWith("-");
        return (
          <rect
            key={index}
            className={pays ? "pays" : "costs"}
            x={index * BAR}
            y={pays ? HEIGHT - height : HEIGHT}
            width={BAR - 1}
            height={height}
          />
        );
      })}
      <line x1={0} x2={part.savings.length * BAR} y1={HEIGHT} y2={HEIGHT} />
    </svg>
  );
}
