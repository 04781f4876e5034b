import { useInfiniteQuery } from "@tanstack/react-query";
import { Button } from "react-bootstrap";
import { Link } from "react-router";
import { answer, api } from "../shared/api";
import { fuelName } from "../shared/format";
import { modelPage } from "../shared/routes";

/** The models of a construction, page by page. */
export function BuiltModels({ appliance, layout }: { appliance: string; layout: string }) {
  const list = useInfiniteQuery({
    queryKey: ["built", appliance, layout],
    initialPageParam: "",
    queryFn: ({ pageParam }) =>
      answer(
        api.GET("/api/layouts/{appliance}/{layout}/models", {
          params: { path: { appliance, layout }, query: { after: pageParam } },
        }),
      ),
    getNextPageParam: (page) => page.next ?? undefined,
  });
  const models = list.data?.pages.flatMap((page) => page.models) ?? [];
  return (
    <section className="card-plain mt-3" aria-label="Models of this construction">
      <span className="bin-tab">Models of this construction</span>
      {list.error && <p className="notice bad">{list.error.message}</p>}
      {list.isSuccess && models.length === 0 && (
        <p className="row-line soft mb-0">The catalog has no model that is built like this.</p>
      )}
      <ul className="built-models">
        {models.map((model) => (
          <li key={model.model}>
            <Link to={modelPage(model.model)}>
              <span className="code">{model.model}</span>
            </Link>{" "}
            <span className="small soft">
              {model.brand}
              {model.fuel ? `, ${fuelName(model.fuel)}` : ""}
            </span>
          </li>
        ))}
      </ul>
      {list.hasNextPage && (
        <Button variant="quiet" size="sm" className="m-2" onClick={() => void list.fetchNextPage()}>
          More models
        </Button>
      )}
    </section>
  );
}
