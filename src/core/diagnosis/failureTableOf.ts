import type { FlowerForm, NightshadeForm } from '../crops/flowerForm';
import { BERRY_FAILURES } from './tables/berry';
import { EAR_FAILURES } from './tables/ear';
import type { FailureTable } from './tables/failureTable';
import { FRUITLET_FAILURES } from './tables/fruitlet';
import { HEAD_FAILURES } from './tables/head';
import { POD_FAILURES } from './tables/pod';
import { TRUSS_FAILURES, VARIOUS_STYLES_FAILURES } from './tables/truss';

/** What each form of flower bears: one that is missing does not compile. */
const TABLES: { readonly [Form in FlowerForm as Form['type']]: (form: Form) => FailureTable } = {
  gourd: () => FRUITLET_FAILURES,
  grass: () => EAR_FAILURES,
  nightshade: ({ styles }: NightshadeForm) => (styles ? VARIOUS_STYLES_FAILURES : TRUSS_FAILURES),
  dome: () => BERRY_FAILURES,
  head: () => HEAD_FAILURES,
  mallow: () => POD_FAILURES,
  keel: () => POD_FAILURES,
};

/**
 * Why what a form of flower bears may fail.
 *
 * @param form missing for a crop whose flowers nobody works, which is taken for a pod.
 * @example failureTableOf({ type: 'grass' }).causes.has('blossomEndRot') // false: an ear has none
 */
export const failureTableOf = (form: FlowerForm | undefined): FailureTable =>
  form ? (TABLES[form.type] as (form: FlowerForm) => FailureTable)(form) : POD_FAILURES;
