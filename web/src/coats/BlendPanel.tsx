import { Box, Flex, Text } from '@chakra-ui/react';
import type { CoatGroup, CoatProduct } from '../api/client';
import { useCoats } from '../api/queries';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { CountField } from '../common/CountField';
import { Section } from '../common/Section';
import { usePlan } from '../plan/PlanProvider';
import { BlendSwatch } from './BlendSwatch';
import { type BlendPart, bandMm, blendOf, MOST_COLOURS, shared, withOneMore } from './blend';
import { productKey } from './Products';

/** A ground of two or three colours that are worked together where they meet. */
export function BlendPanel({ group }: { group: CoatGroup }) {
  const plan = usePlan();
  const products = useCoats(plan.piece.id, plan.piece.version).data?.products ?? [];
  const paints = products.filter((p) => p.role === 'PAINT' && p.owned);
  const parts = blendOf(group.bands);
  const wide = bandMm(group.bands);
  const set = (next: ReadonlyArray<BlendPart>, mm = wide) =>
    plan.edit({ kind: 'BLEND_GROUND', groupId: group.id, parts: [...next], bandMm: mm });
  if (parts.length === 0 || paints.length === 0) {
    return null;
  }
  const other = paints.find(
    (p) => !parts.some((q) => productKey(q.product) === productKey(p.product)),
  );
  const named = (product: CoatProduct) =>
    paints.some((p) => productKey(p.product) === productKey(product));
  return (
    <Box mt="3">
      <Section title="Blend">
        {parts.length > 1 && (
          <>
            <BlendSwatch blend={group.blend} />
            {parts
              .map((part, i) => ({ part, i }))
              .toReversed()
              .map(({ part, i }) => (
                <Flex key={`${i} ${productKey(part.product)}`} gap="2" mt="2" align="flex-end">
                  <ChoiceField
                    label={
                      i === 0 ? 'At the foot' : i === parts.length - 1 ? 'At the head' : 'Between'
                    }
                    width="62%"
                    value={productKey(part.product)}
                    among={[
                      ...(named(part.product)
                        ? []
                        : [[productKey(part.product), part.product.asIf ?? 'to buy'] as const]),
                      ...paints.map((p) => [productKey(p.product), p.name] as const),
                    ]}
                    onChoice={(key) => {
                      const chosen = paints.find((p) => productKey(p.product) === key);
                      if (chosen) {
                        set(parts.with(i, { ...part, product: chosen.product }));
                      }
                    }}
                  />
                  <CountField
                    label="Height, %"
                    width="24%"
                    value={Math.round(part.share * 100)}
                    least={5}
                    most={95}
                    onCount={(percent) => set(shared(parts, i, percent / 100))}
                  />
                  <Button
                    look="plain"
                    size="xs"
                    mb="1.5"
                    aria-label="Take this colour out"
                    onClick={() => set(parts.filter((_, n) => n !== i))}
                  >
                    ×
                  </Button>
                </Flex>
              ))}
            <Box mt="2">
              <CountField
                label="Worked together over, mm"
                value={wide}
                least={10}
                most={1000}
                onCount={(mm) => set(parts, mm)}
              />
            </Box>
          </>
        )}
        {parts.length === 1 && (
          <Text fontSize="13px" color="soft">
            Two or three colours, from the foot up, worked together where they meet.
          </Text>
        )}
        {parts.length < MOST_COLOURS && other && (
          <Button mt="2" onClick={() => set(withOneMore(parts, other.product))}>
            {parts.length === 1 ? 'Blend it with another' : 'A third colour'}
          </Button>
        )}
      </Section>
    </Box>
  );
}
