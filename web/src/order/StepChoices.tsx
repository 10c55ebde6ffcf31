import { Box, Flex, Input, Text } from '@chakra-ui/react';
import { type ReactNode, useState } from 'react';
import type { OrderStep, OrderView } from '../api/client';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { Section } from '../common/Section';
import { usePlan } from '../plan/PlanProvider';
import { mayComeFirst } from './firsts';

/** What an artist may decide about a step: how long, when, in how many parts, after what. */
export function StepChoices({
  order,
  step,
  pieceId,
}: {
  order: OrderView;
  step: OrderStep;
  pieceId: string;
}) {
  const { edit } = usePlan();
  const others = mayComeFirst(order, step, pieceId);
  return (
    <>
      <Section title="Hands on">
        <Flex align="center" gap="2" mb="3">
          <Figure
            label="Minutes it takes"
            value={Math.round(step.minutes * 10) / 10}
            least={1}
            onValue={(minutes) => edit({ kind: 'STEP_TAKES', step: step.key, minutes })}
          />
          <Text fontSize="13px">min, in</Text>
          <Figure
            label="Parts it is done in"
            value={step.parts}
            least={1}
            most={12}
            onValue={(parts) => edit({ kind: 'STEP_IN_PARTS', step: step.wholeKey, parts })}
          />
          <Text fontSize="13px">{step.parts === 1 ? 'go' : 'parts'}</Text>
          {!step.usual && (
            <Small onClick={() => edit({ kind: 'STEP_TAKES', step: step.key })}>As is usual</Small>
          )}
        </Flex>
      </Section>
      <Section title="Begins">
        <Input
          type="datetime-local"
          aria-label="When it begins"
          size="sm"
          bg="card"
          key={step.at}
          defaultValue={step.at.slice(0, 16)}
          onBlur={(e) => {
            if (e.target.value !== '' && e.target.value !== step.at.slice(0, 16)) {
              edit({ kind: 'STEP_BEGINS', step: step.key, at: e.target.value });
            }
          }}
          onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
        />
        <Flex mt="1" mb="3" justify="space-between" align="center" minH="24px">
          <Text fontSize="12.5px" color="soft">
            {step.fixed ? 'You said so.' : 'As soon as it goes. Drag it to another time.'}
          </Text>
          {step.fixed && (
            <Small onClick={() => edit({ kind: 'STEP_BEGINS', step: step.key })}>
              As soon as it goes
            </Small>
          )}
        </Flex>
      </Section>
      <Section title="Not before">
        {step.firsts.map((f) => (
          <Flex key={f.key} align="center" justify="space-between" fontSize="13px" mb="1">
            {f.title}
            <Small
              label={`Need not wait for: ${f.title}`}
              onClick={() =>
                edit({ kind: 'PUT_FIRST', first: f.key, next: step.wholeKey, barred: false })
              }
            >
              Need not
            </Small>
          </Flex>
        ))}
        <Box mb="4">
          <ChoiceField
            label="What has to be done first"
            value=""
            onChoice={(first) =>
              first !== '' && edit({ kind: 'PUT_FIRST', first, next: step.wholeKey, barred: true })
            }
            among={[
              ['', step.firsts.length === 0 ? 'only what the plan asks for' : 'and…'],
              ...others.map((o) => [o.key, o.title] as const),
            ]}
          />
        </Box>
      </Section>
    </>
  );
}

function Small({
  label,
  onClick,
  children,
}: {
  label?: string;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <Button size="xs" look="plain" aria-label={label} onClick={onClick}>
      {children}
    </Button>
  );
}

/** A figure that is kept when it is left, or on Enter. */
function Figure({
  label,
  value,
  least,
  most,
  onValue,
}: {
  label: string;
  value: number;
  least: number;
  most?: number;
  onValue: (value: number) => void;
}) {
  const [text, setText] = useState(String(value));
  const keep = () => {
    const wanted = Number(text);
    if (wanted >= least && wanted <= (most ?? wanted) && Math.abs(wanted - value) > 0.05) {
      onValue(wanted);
    } else {
      setText(String(value));
    }
  };
  return (
    <Input
      type="number"
      aria-label={label}
      size="sm"
      w="66px"
      bg="card"
      min={least}
      max={most}
      value={text}
      onChange={(e) => setText(e.target.value)}
      onBlur={keep}
      onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
    />
  );
}
