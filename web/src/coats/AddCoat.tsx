import { Box, chakra, Flex, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { CoatGroup } from '../api/client';
import { useCoats } from '../api/queries';
import { Section } from '../common/Section';
import { newId } from '../plan/ids';
import { usePlan } from '../plan/PlanProvider';
import { productKey } from './Products';
import { STEPS } from './steps';

const MOST = 7;

/** One more coat, by two clicks or by typing its name; where it goes is worked out. */
export function AddCoat({ group, onAdded }: { group: CoatGroup; onAdded: (key: string) => void }) {
  const plan = usePlan();
  const [words, setWords] = useState('');
  const products = useCoats(plan.piece.id, plan.piece.version).data?.products ?? [];
  const asked = words.trim().toLowerCase().split(/\s+/).filter(Boolean);
  const has = (text: string) => asked.every((w) => text.toLowerCase().includes(w));
  const found = products.filter((p) => has(`${p.name} ${p.roleText}`)).slice(0, MOST);
  const steps = STEPS.filter(
    ([step, name]) => asked.length > 0 && has(name) && !group.bands.some((b) => b.step === step),
  );
  const add = (product: (typeof products)[number]['product']) => {
    const id = newId();
    plan.edit({ kind: 'ADD_COAT', groupId: group.id, id, product });
    setWords('');
    onAdded(`own:${id}`);
  };
  return (
    <Box mt="4">
      <Section title="Add a coat">
        <Input
          size="sm"
          bg="card"
          placeholder="dark wax, clear coat, glaze…"
          aria-label="Name of a coat to add"
          value={words}
          onChange={(e) => setWords(e.currentTarget.value)}
          onKeyDown={(e) => {
            if (e.key === 'Enter' && asked.length > 0 && found[0]) {
              add(found[0].product);
            }
          }}
        />
        <Flex direction="column" mt="1" role="list">
          {found.map((p) => (
            <Box key={productKey(p.product)} role="listitem">
              <Line
                colour={p.colour}
                text={p.name}
                note={p.owned ? `${p.roleText} · ${p.levelText}` : `${p.roleText} · to buy`}
                onClick={() => add(p.product)}
              />
            </Box>
          ))}
          {steps.map(([step, name]) => (
            <Box key={step} role="listitem">
              <Line
                text={name}
                note={step === 'RESIST' || step === 'DISTRESS' ? 'between coats' : 'preparation'}
                onClick={() => {
                  plan.edit({ kind: 'ADD_COAT_STEP', groupId: group.id, step });
                  setWords('');
                }}
              />
            </Box>
          ))}
          {found.length === 0 && steps.length === 0 && (
            <Text fontSize="13px" color="soft" py="1">
              Nothing of that name on the shelf.
            </Text>
          )}
        </Flex>
      </Section>
    </Box>
  );
}

function Line({
  colour,
  text,
  note,
  onClick,
}: {
  colour?: string;
  text: string;
  note: string;
  onClick: () => void;
}) {
  return (
    <chakra.button
      type="button"
      display="flex"
      w="100%"
      gap="2"
      alignItems="center"
      py="1"
      px="1"
      borderRadius="md"
      textAlign="left"
      _hover={{ bg: 'seaWash' }}
      onClick={onClick}
    >
      <Box
        w="16px"
        h="16px"
        flexShrink={0}
        borderRadius="full"
        borderWidth="1px"
        borderColor="fold"
        bg={colour ?? 'paper'}
      />
      <Text as="span" flex="1" lineHeight="1.2">
        {text}
      </Text>
      <Text as="span" fontSize="12px" color="soft">
        {note}
      </Text>
    </chakra.button>
  );
}
