/** Says of each promise whether it holds; `end` ends the program, with 1 where one did not. */
export function holding() {
  let faults = 0;
  return {
    hold(what, wrong) {
      faults += wrong.length > 0 ? 1 : 0;
      console.log(
        wrong.length === 0
          ? `holds: ${what}`
          : `DOES NOT HOLD: ${what}: ${wrong.slice(0, 5).join('; ')} (${wrong.length})`,
      );
    },
    end: () => process.exit(faults === 0 ? 0 : 1),
  };
}
