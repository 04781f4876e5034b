import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Form } from "react-bootstrap";
import { answer, api } from "../shared/api";

const QUERY = ["supplier-feed"];

const MODES: [string, string][] = [
  ["up", "It answers at once"],
  ["slow", "It is slow: orders wait and are sent again"],
  ["out-of-stock", "It has nothing"],
  ["down", "It is down: orders wait and are sent again"],
];

/** The stand-in for the supplier's feed: it ships with the counter, to be tried out and rehearsed with. */
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
      <span className="bin-tab">Supplier, stand-in</span>
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
          Not a real supplier. Whatever it does, the counter goes on, and says what became of each order.
        </p>
      </div>
    </section>
  );
}
