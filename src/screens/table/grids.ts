/** Both grids in one chunk: what two chunks share would be in the scripts of every page. */
export { PlanGrid } from './PlanGrid';
export { SheetGrid } from './SheetGrid';
