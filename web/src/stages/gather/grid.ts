// The grid of a table: the library's grid in our dress, told in rows and columns of the sheet.
import { TabulatorFull, type GridCell } from "tabulator-tables";
import "tabulator-tables/dist/css/tabulator_simple.min.css";
import type { TableWhole } from "../../api/types";

const NUMBERS = ["number", "percent", "money"];
export interface Range { top: number; bottom: number; left: number; right: number }

const plain = (text: string) => text.replace(/[&<>"]/g, (ch) => `&#${ch.charCodeAt(0)};`);
const letter = (n: number): string => (n < 26 ? String.fromCharCode(65 + n) : letter(Math.floor(n / 26) - 1) + letter(n % 26));
const records = (table: TableWhole) => table.rows.map((row, i) => ({ id: table.from + i, ...Object.fromEntries(Array.from({ length: table.wide }, (_, c) => [`c${c}`, row[c] ?? ""])) }));

function columns(table: TableWhole) {
  return Array.from({ length: table.wide }, (_, c) => {
    const found = table.columns.find((k) => k.place === c);
    return {
      title: found ? `${plain(found.name)}<small>${found.kind}${found.unit ? `, ${plain(found.unit)}` : ""}</small>` : `${letter(c)}<small>not read</small>`,
      field: `c${c}`, ...(table.shown?.[c] ? { formatter: (cell: GridCell) => plain(table.shown?.[c]?.[String(cell.getRow().getData().id)] ?? String(cell.getValue() ?? "")) } : {}), editor: "input", headerSort: false, minWidth: 76, maxInitialWidth: 260, resizable: "header", ...(found && NUMBERS.includes(found.kind) ? { hozAlign: "right", headerHozAlign: "right" } : { hozAlign: "left" }),
    };
  });
}

export class Grid {
  private readonly grid: TabulatorFull;
  private table: TableWhole;
  private ready: Promise<void>;

  constructor(element: HTMLElement, table: TableWhole, edited: (row: number, column: number, text: string) => void, moved: () => void, fixed: () => boolean) {
    this.table = table;
    this.grid = new TabulatorFull(element, {
      data: records(table), columns: columns(table), height: "100%", layout: "fitDataFill", selectableRange: 1, selectableRangeColumns: true, selectableRangeRows: true, selectableRangeClearCells: false,
      editTriggerEvent: "dblclick", clipboard: "copy", clipboardCopyStyled: false, clipboardCopyConfig: { columnHeaders: false, rowHeaders: false }, clipboardCopyRowRange: "range", renderHorizontal: table.wide > 30 ? "virtual" : "basic",
      rowHeader: { field: "id", formatter: (cell: GridCell) => String(Number(cell.getValue()) + 1), width: 46, hozAlign: "right", resizable: false, headerSort: false, frozen: true, cssClass: "number" },
      columnDefaults: { headerHozAlign: "left", editable: () => !fixed() }, rowFormatter: (row: { getData(): { id: number }; getElement(): HTMLElement }) => this.dress(row.getData().id, row.getElement()),
    });
    this.ready = new Promise((done) => this.grid.on("tableBuilt", done as never));
    this.grid.on("cellEdited", ((cell: GridCell) => edited(Number(cell.getRow().getData().id), Number(cell.getField().slice(1)), String(cell.getValue() ?? ""))) as never);
    this.grid.on("rangeChanged", moved as never);
  }

  /** Rows without data are told apart, each with why. */
  private dress(row: number, element: HTMLElement) {
    const why = this.table.left[row];
    element.classList.toggle("names", why === "header");
    element.classList.toggle("left", !!why && why !== "header");
    element.title = !why ? "" : { header: "Names of the columns", title: "A title: not data", blank: "Empty: left out", total: "Totals: not counted again", note: "A remark: left out", ignored: "Left out by you" }[why] ?? "";
  }

  async show(table: TableWhole) {
    await this.ready;
    const key = (t: TableWhole) => JSON.stringify([columns(t), t.correct.decimals]);
    const same = key(table) === key(this.table);
    this.table = table;
    if (!same) this.grid.setColumns(columns(table));
    await this.grid.replaceData(records(table));
  }

  /** What is selected, in rows and columns of the sheet. */
  range(): Range | null {
    const range = this.grid.getRanges()[0];
    if (!range) return null;
    const rows = range.getRows().map((r) => Number(r.getData().id));
    return rows.length ? { top: Math.min(...rows), bottom: Math.max(...rows), left: Math.max(0, range.getLeftEdge() - 1), right: Math.max(0, range.getRightEdge() - 1) } : null;
  }

  select(range: Range) {
    const rows = this.grid.getRows();
    const row = (at: number) => rows.find((r) => Number(r.getData().id) === at);
    const [first, last] = [row(range.top)?.getCell(`c${range.left}`), row(range.bottom)?.getCell(`c${range.right}`)];
    if (first && last) this.grid.getRanges()[0]?.setBounds(first, last);
  }

  filter(words: string) {
    const wanted = words.trim().toLowerCase();
    if (!wanted) return this.grid.clearFilter(true);
    this.grid.setFilter((data) => this.table.left[data.id as number] === "header" || Object.entries(data).some(([key, v]) => key !== "id" && String(v).toLowerCase().includes(wanted)));
  }

  async go(row: number) {
    await this.grid.scrollToRow(row, "center", false).catch(() => undefined);
  }

  destroy() { this.grid.destroy(); }
}
