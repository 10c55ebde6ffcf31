import type { CoatProduct } from '../api/client';
import { useCoats } from '../api/queries';
import { ChoiceField } from '../common/ChoiceField';
import { usePlan } from '../plan/PlanProvider';

/** Roles that stand in for each other. */
const LIKE: Record<string, ReadonlyArray<string>> = {
  PRIMER: ['PRIMER', 'STAIN_BLOCKER', 'BONDING_PRIMER'],
  STAIN_BLOCKER: ['PRIMER', 'STAIN_BLOCKER', 'BONDING_PRIMER'],
  BONDING_PRIMER: ['PRIMER', 'STAIN_BLOCKER', 'BONDING_PRIMER'],
  WAX: ['WAX', 'CLEAR_COAT'],
  CLEAR_COAT: ['CLEAR_COAT', 'WAX', 'RESIN'],
};

export const productKey = (product: CoatProduct | undefined) =>
  product === undefined
    ? ''
    : (product.potId ?? (product.generic ? `kind:${product.generic}` : `as:${product.asIf}`));

/** The pots that will do, those on the shelf first, then kinds that would have to be bought. */
export function Products({
  label,
  roles,
  value,
  shown,
  onProduct,
}: {
  label: string;
  roles: ReadonlyArray<string>;
  value: CoatProduct | undefined;
  /** what it is while nothing was chosen */
  shown: string;
  onProduct: (product: CoatProduct) => void;
}) {
  const plan = usePlan();
  const products = useCoats(plan.piece.id, plan.piece.version).data?.products ?? [];
  const wanted = roles.flatMap((r) => LIKE[r] ?? [r]);
  const fitting = products.filter((p) => wanted.includes(p.role));
  const key = productKey(value);
  const known = fitting.some((p) => productKey(p.product) === key);
  return (
    <ChoiceField
      label={label}
      value={key}
      among={[
        ...(known ? [] : [[key, `${shown}${key === '' ? ', proposed' : ''}`] as const]),
        ...fitting.map(
          (p) =>
            [
              productKey(p.product),
              p.owned ? `${p.name} · ${p.levelText}` : `${p.name} · to buy`,
            ] as const,
        ),
      ]}
      onChoice={(chosen) => {
        const product = fitting.find((p) => productKey(p.product) === chosen)?.product;
        if (product) {
          onProduct(product);
        }
      }}
    />
  );
}
