import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Form } from "react-bootstrap";
import { answer, api } from "../shared/api";

const QUERY = ["supplier-feed"];

const MODES: [string, string][] = [
  ["up", "Answers at once"],
  ["slow", "Slow: orders wait and are sent again"],
  ["out-of-stock", "Out of stock"],
  ["down", "Down: orders wait and are sent again"],
];

/** The simulated supplier that ships with the application, to try orders with. */
export function SupplierFeed() {
  const client = useQueryClient();
  const feed = useQuery({ queryKey: QUERY, queryFn: () => answer(api.GET("/api/supplier-feed")) });
  const behave = useMutation({
    mutationFn: (mode: string) => answer(api.PUT("/api/supplier-feed", { body: { mode } })),
    onSuccess: () => client.invalidateQueries({ queryKey: QUERY }),
  });
  const mode = behave.isPending ? behave.variables : feed.data?.mode;
  const error = feed.error ?? behave.error;
  return (
    <section className="card-plain" aria-label="Supplier">
      <span className="bin-tab">Simulated supplier</span>
      <div className="row-line">
        {error && <div className="notice bad">{error.message}</div>}
        {MODES.map(([slug, words]) => (
          <Form.Check
            key={slug}
            type="radio"
            name="feed"
            id={`feed-${slug}`}
            label={words}
            checked={mode === slug}
            onChange={() => behave.mutate(slug)}
          />
        ))}
        <p className="small soft mt-1 mb-0">
          Not a real supplier. Whatever it does, the counter keeps working and reports the result of each
          order.
        </p>
      </div>
    </section>
  );
}
