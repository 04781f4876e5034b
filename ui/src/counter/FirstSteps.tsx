import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Button } from "react-bootstrap";
import { Link } from "react-router";
import { answer, api } from "../shared/api";

/** Whether the catalog has no model yet; false until that is known. */
export function useIsEmptyHouse(): boolean {
  const sheets = useQuery({
    queryKey: ["sheets"],
    queryFn: () => answer(api.GET("/api/catalogue")),
    staleTime: 60_000,
  });
  return sheets.data?.some(({ sheet, rows }) => sheet === "models" && rows === 0) ?? false;
}

/** What an empty house does first: its own catalog, the demo data, or the fault guide alone. */
export function FirstSteps() {
  const client = useQueryClient();
  const demo = useMutation({
    mutationFn: () => answer(api.POST("/api/catalogue/demo")),
    onSuccess: () => client.invalidateQueries(),
  });
  return (
    <section className="card-plain first-steps" aria-label="First steps">
      <span className="bin-tab">First steps: there is no catalog yet</span>
      <ol>
        <li>
          <Link to="/catalog">Import your catalog</Link>: models, parts, prices and stock as CSV files in one
          zip. Then numbers, fits and prices are found.
        </li>
        <li>
          <Button variant="quiet" size="sm" disabled={demo.isPending} onClick={() => demo.mutate()}>
            {demo.isPending ? "Loading the demo data …" : "Load the demo data"}
          </Button>{" "}
          to try everything with invented models and parts; an import replaces them.
        </li>
        <li>
          Or go on without: the <Link to="/guide">fault guide</Link> finds the likely cause of a complaint and
          the next question. Type one above.
        </li>
      </ol>
      {demo.error && (
        <div className="notice bad" role="alert">
          {demo.error.message}
        </div>
      )}
    </section>
  );
}
