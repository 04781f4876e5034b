import { useState } from "react";
import { Button, Table } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { builtRange, fuelName, keyOf, many, range } from "../shared/format";
import { useCounts } from "../shared/useCounts";
import { useUsedBy } from "./useParts";
import { ModelLink } from "../shared/NumberLink";
import { viaName } from "./words";

/** Every model the part fits, counted by brand, page by page, with export. */
export function WhereUsed({ part }: { part: string }) {
  const [brand, setBrand] = useState<string | null>(null);
  const counts = useCounts(part);
  const used = useUsedBy(part, brand);
  const models = used.data?.pages.flatMap((page) => page.models) ?? [];
  const total = counts.data?.reduce((sum, count) => sum + count.models, 0);
  const address = `/api/parts/${keyOf(part)}/models`;
  const query = brand === null ? "" : `?brand=${encodeURIComponent(brand)}`;
  return (
    <section className="card-plain" aria-label="Where used">
      <span className="bin-tab">Where used</span>
      <div className="row-line d-flex flex-wrap gap-2 align-items-baseline">
        <b>{total === undefined ? "Counting …" : total === 0 ? "No model uses it." : many(total, "model")}</b>
        {counts.data?.map((count) => (
          <button
            key={count.brand + count.appliance}
            type="button"
            className="brand"
            aria-pressed={brand === count.brand}
            onClick={() => setBrand(brand === count.brand ? null : count.brand)}
          >
            {count.brand} <span className="soft">{count.appliance}</span> <b>{count.models}</b>
          </button>
        ))}
        {total !== undefined && total > 0 && (
          <span className="small push-right">
            <a href={`${address}.csv${query}`}>CSV</a> · <a href={`${address}.xlsx${query}`}>XLSX</a>
          </span>
        )}
      </div>
      {used.error && <div className="notice bad">{used.error.message}</div>}
      {models.length > 0 && <Models models={models} />}
      {used.hasNextPage && (
        <div className="row-line">
          <Button
            variant="quiet"
            size="sm"
            disabled={used.isFetching}
            onClick={() => void used.fetchNextPage()}
          >
            {used.isFetching ? "Loading …" : "More models"}
          </Button>
        </div>
      )}
    </section>
  );
}

function Models({ models }: { models: Wire["UsedModel"][] }) {
  return (
    <Table responsive size="sm">
      <thead>
        <tr>
          <th scope="col">Model</th>
          <th scope="col">Brand</th>
          <th scope="col">How</th>
          <th scope="col">Where</th>
        </tr>
      </thead>
      <tbody>
        {models.map((model) => (
          <tr key={model.model}>
            <td>
              <ModelLink model={model.model} />
            </td>
            <td className="small">
              {model.brand}
              {model.fuel ? <span className="soft"> {fuelName(model.fuel)}</span> : null}
            </td>
            <td className="small">{viaName(model.via)}</td>
            <td className="small">{where(model.rows)}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

/** "motor, serial from 4A1; 2 × rear roller". */
function where(rows: Wire["UsedRow"][]): string {
  return rows
    .map((row) => {
      const pieces = row.quantity > 1 ? `${row.quantity} × ` : "";
      const built = builtRange(row.builtFrom, row.builtTo);
      const serial = range("serial", row.serialFrom, row.serialTo);
      return [`${pieces}${row.slot.replaceAll("-", " ")}`, built, serial].filter((w) => w !== "").join(", ");
    })
    .join("; ");
}
