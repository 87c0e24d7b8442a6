for (const table of document.querySelectorAll("table.sorted")) {
  table.querySelectorAll("thead th").forEach((head, column) => {
    const button = document.createElement("button");
    button.type = "button";
    button.append(...head.childNodes);
    head.append(button);
    button.addEventListener("click", () => {
      const up = head.getAttribute("aria-sort") !== "ascending";
      table.querySelectorAll("th[aria-sort]").forEach(other => other.removeAttribute("aria-sort"));
      head.setAttribute("aria-sort", up ? "ascending" : "descending");
      const body = table.tBodies[0];
      const key = row => {
        const cell = row.cells[column];
        const text = cell.dataset.sort ?? cell.textContent.trim();
        return text === "" ? null : isNaN(text) ? text.toLowerCase() : Number(text);
      };
      const order = [...body.rows].map(row => [key(row), row]);
      order.sort(([a], [b]) => a === null ? (b === null ? 0 : 1) : b === null ? -1
        : (typeof a === typeof b ? (a < b ? -1 : a > b ? 1 : 0) : typeof a === "number" ? -1 : 1) * (up ? 1 : -1));
      body.append(...order.map(([, row]) => row));
    });
  });
}
