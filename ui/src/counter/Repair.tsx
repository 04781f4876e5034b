import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { AmountField } from "../shared/AmountField";
import { answer, api } from "../shared/api";
import { years } from "../shared/format";

type Props = { appliance: string; ageYears: number; parts: string; minutes: number };

type Assumed = { newPrice?: string; newLifeYears?: number; perHour?: string };

/** What a year costs with the repair and with a new machine, as an even line; what it rests on can be changed. */
export function Repair({ appliance, ageYears, parts, minutes }: Props) {
  const [assumed, setAssumed] = useState<Assumed>({});
  const both = useQuery({
    queryKey: ["repair-or-replace", appliance, ageYears, parts, minutes, assumed],
    queryFn: () =>
      answer(
        api.POST("/api/repair-or-replace", { body: { appliance, ageYears, parts, minutes, ...assumed } }),
      ),
    placeholderData: keepPreviousData,
  });
  const data = both.data;
  if (both.error) {
    return <div className="notice small">{both.error.message}</div>;
  }
  if (!data) {
    return null;
  }
  const change = (next: Assumed) => setAssumed({ ...assumed, ...next });
  return (
    <details className="card-plain repair small">
      <summary>
        Repair <b>{data.repairPerYear}</b> a year, new <b>{data.newPerYear}</b> a year{" "}
        <span className="soft">({data.currency}, at the mean)</span>
      </summary>
      <p>
        Parts and work, {data.repair}, over about {years(data.yearsLeft)} that one of {years(ageYears)} goes
        on for; a new one at {data.newPrice} over {years(data.newLifeYears)}. Neither is advice: the machine
        may fail elsewhere, and a new one may save power.
      </p>
      <div className="assumed">
        <AmountField
          label="A new one costs"
          value={data.newPrice}
          onValue={(newPrice) => change({ newPrice })}
        />
        <AmountField
          label="and lasts, years"
          value={data.newLifeYears.toFixed(1)}
          onValue={(text) => change({ newLifeYears: Number(text) })}
        />
        <AmountField label="An hour's work" value={data.perHour} onValue={(perHour) => change({ perHour })} />
      </div>
    </details>
  );
}
