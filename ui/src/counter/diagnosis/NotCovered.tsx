/** That the line is about an appliance that parts are not sold for, and what can be done. */
export function NotCovered({ appliance }: { appliance: string }) {
  return (
    <div className="notice" role="note">
      <strong>Not covered: {appliance.replaceAll("-", " ")}.</strong> Nothing is diagnosed. We look up parts
      for dryers, ranges and ovens, dishwashers and microwaves; if it is one of these, say so in the line.
    </div>
  );
}
