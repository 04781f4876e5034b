import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { AmountField } from "../../shared/AmountField";
import { answer, api } from "../../shared/api";
import { money, years } from "../../shared/format";

type Props = { appliance: string; ageYears: number; parts: string; minutes: number };

type Assumed = { newPrice?: string; newLifeYears?: number; perHour?: string };

/** The cost per year with the repair and with a new machine; the assumptions can be changed. */
export function RepairOrReplace({ appliance, ageYears, parts, minutes }: Props) {
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
    <details className="row-line repair small">
      <summary>
        Cost per year: repair <b>{money(data.repairPerYear)}</b>, replace <b>{money(data.newPerYear)}</b>{" "}
        <span className="soft">(average)</span>
      </summary>
      <p>
        Repair: {money(data.repair)} for parts and labor over the {years(data.yearsLeft)} that a machine of{" "}
        {years(ageYears)} lasts on average. Replace: {money(data.newPrice)} over {years(data.newLifeYears)}.
        This is no advice: the machine may fail elsewhere, and a new one may use less energy.
      </p>
      <div className="assumed">
        <AmountField
          label="New machine costs"
          value={data.newPrice}
          onValue={(newPrice) => change({ newPrice })}
        />
        <AmountField
          label="Expected life, years"
          value={data.newLifeYears.toFixed(1)}
          onValue={(text) => change({ newLifeYears: Number(text) })}
        />
        <AmountField label="Labor per hour" value={data.perHour} onValue={(perHour) => change({ perHour })} />
      </div>
    </details>
  );
}
