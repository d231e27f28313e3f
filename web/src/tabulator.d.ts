// The part of the grid library that Peony uses; it ships without types.
declare module "tabulator-tables" {
  export interface GridRange { getTopEdge(): number; getBottomEdge(): number; getLeftEdge(): number; getRightEdge(): number; getRows(): GridRow[]; setBounds(first: GridCell, last: GridCell): void }
  export interface GridRow { getData(): Record<string, string | number>; getElement(): HTMLElement; getCell(field: string): GridCell }
  export interface GridCell { getRow(): GridRow; getField(): string; getValue(): string; getOldValue(): string; restoreOldValue(): void }
  export class TabulatorFull {
    constructor(element: HTMLElement, options: Record<string, unknown>);
    on(event: string, act: (...args: never[]) => void): void;
    replaceData(data: unknown[]): Promise<void>;
    setColumns(columns: unknown[]): void;
    setFilter(keep: (data: Record<string, string | number>) => boolean): void;
    clearFilter(all: boolean): void;
    getRanges(): GridRange[];
    getRows(): GridRow[];
    scrollToRow(id: number, position?: string, always?: boolean): Promise<void>;
    redraw(force?: boolean): void;
    destroy(): void;
  }
}
