import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import type { CoatGroup, GroundChoice } from '../api/client';
import { useCoats } from '../api/queries';
import { Button } from '../common/Button';
import { ColourField } from '../common/ColourField';
import { Fig } from '../common/Fig';
import { Section } from '../common/Section';
import { usePlan } from '../plan/PlanProvider';
import { BlendPanel } from './BlendPanel';
import { DesignsOfColour } from './DesignsOfColour';
import { Mixes } from './Mixes';
import { productKey } from './Products';
import { Swatches } from './Swatches';

/** The colour under the designs, and the ways to come to it. */
export function GroundPanel({ group }: { group: CoatGroup }) {
  const plan = usePlan();
  const coats = useCoats(plan.piece.id, plan.piece.version).data;
  const paints = (coats?.products ?? []).filter((p) => p.owned && p.role === 'PAINT');
  const ground = group.bands.find((b) => b.key === 'ground');
  return (
    <Box mt="3">
      {group.choices.length > 0 && (
        <Section title="Ways to this ground">
          <Flex direction="column" gap="2">
            {group.choices.map((c) => (
              <Choice key={c.title} choice={c} group={group} />
            ))}
          </Flex>
        </Section>
      )}
      <Box mt="3">
        <Section title="Ground">
          <Flex wrap="wrap" gap="2" role="group" aria-label="Paints of the shelf">
            {paints.map((p) => (
              <chakra.button
                key={productKey(p.product)}
                type="button"
                title={`${p.name}, ${p.levelText}`}
                aria-label={p.name}
                aria-pressed={ground?.coat?.potId === p.product.potId}
                w="34px"
                h="34px"
                borderRadius="full"
                borderWidth="2px"
                borderColor={ground?.coat?.potId === p.product.potId ? 'ochre' : 'hairline'}
                bg={p.colour}
                onClick={() =>
                  plan.edit({ kind: 'PAINT_GROUND', groupId: group.id, product: p.product })
                }
              />
            ))}
          </Flex>
          <Text fontSize="13px" mt="1">
            {ground ? `${ground.title}, ${ground.takesText}` : 'Left as it is.'}
          </Text>
          <Flex gap="2" mt="2" align="flex-end">
            <ColourField
              label="As if it were"
              width="180px"
              value={ground?.colour ?? group.surface.wanted}
              onColour={(asIf) =>
                plan.edit({ kind: 'PAINT_GROUND', groupId: group.id, product: { asIf } })
              }
            />
            {ground && (
              <Button
                look="plain"
                title="No paint under the designs"
                onClick={() => plan.edit({ kind: 'PAINT_GROUND', groupId: group.id })}
              >
                Leave it as it is
              </Button>
            )}
          </Flex>
          {group.changed && (
            <Button
              look="plain"
              size="xs"
              mt="2"
              onClick={() => plan.edit({ kind: 'COATS_ANEW', groupId: group.id })}
            >
              All as it is proposed again
            </Button>
          )}
        </Section>
      </Box>
      <BlendPanel group={group} />
      <Mixes group={group} />
      <DesignsOfColour hex={group.shows} />
    </Box>
  );
}

function Choice({ choice, group }: { choice: GroundChoice; group: CoatGroup }) {
  const plan = usePlan();
  return (
    <chakra.button
      type="button"
      textAlign="left"
      p="2.5"
      bg="card"
      borderRadius="lg"
      borderWidth={choice.chosen ? '2px' : '1px'}
      borderColor={choice.chosen ? 'sea' : 'hairline'}
      aria-pressed={choice.chosen}
      _hover={{ borderColor: 'sea' }}
      onClick={() =>
        plan.edit(
          choice.product
            ? {
                kind: 'CHOOSE_PRIMER',
                groupId: group.id,
                product: choice.product,
                times: choice.times,
              }
            : { kind: 'CHOOSE_PRIMER', groupId: group.id },
        )
      }
    >
      <Flex justify="space-between" gap="2">
        <Text fontWeight="600" lineHeight="1.25">
          {choice.title}
        </Text>
        {choice.best && (
          <Text color="moss" fontSize="12.5px">
            best
          </Text>
        )}
      </Flex>
      <Swatches colours={choice.swatches} height={18} />
      <Text fontSize="12.5px" color="soft" mt="1">
        <Fig text={choice.takesText} /> · {choice.handsOnText} hands on
      </Text>
      <Text fontSize="12.5px">{choice.reason}</Text>
    </chakra.button>
  );
}
