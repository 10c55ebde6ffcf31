import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, ask, type GenericView, type MediumGiven } from '../api/client';
import { Button } from '../common/Button';
import { MeasureFields } from '../common/MeasureFields';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';
import { Section } from '../common/Section';
import { ErrorState, Loading } from '../common/States';
import { useLastKnown } from '../common/useLastKnown';
import { useGenericMedia, useMediumReading, useShelfChanged } from './queries';

/** What is typed of the pot itself; it stays when another kind is picked. */
type Pot = Readonly<Record<'holds' | 'level' | 'place' | 'price' | 'tare', string>>;

/** A pot from its label: the kind gives typical values, the label replaces them one by one. */
export function NewPotPage() {
  const generic = useGenericMedia();
  const [kind, setKind] = useState<string | null>(null);
  const [pot, setPot] = useState<Pot>({ holds: '', level: '', place: '', price: '', tare: '' });
  if (generic.isPending) {
    return <Loading what="the kinds of media" />;
  }
  if (generic.isError) {
    return <ErrorState problem={generic.error} again={() => generic.refetch()} />;
  }
  return kind === null ? (
    <PickKind kinds={generic.data} onPick={setKind} />
  ) : (
    <NewPot generic={kind} pot={pot} onPot={setPot} back={() => setKind(null)} />
  );
}

function PickKind({
  kinds,
  onPick,
}: {
  kinds: ReadonlyArray<GenericView>;
  onPick: (key: string) => void;
}) {
  const roles = [...new Set(kinds.map((g) => g.roleText))];
  return (
    <Box px="8" py="5" maxW="1180px">
      <Text fontSize="13px" color="soft">
        <Link to="/shelf">Shelf</Link>
      </Text>
      <Heading as="h1" fontFamily="heading" fontSize="26px" fontWeight="600">
        What is in the pot?
      </Heading>
      <Text color="soft" mb="3">
        Its kind brings values that are typical; what the label says replaces them.
      </Text>
      <Box columnWidth="250px" columnGap="24px">
        {roles.map((role) => (
          <Box key={role} mb="3" breakInside="avoid">
            <Heading as="h2" fontFamily="heading" fontSize="15px" fontWeight="600">
              {role}
            </Heading>
            {kinds
              .filter((g) => g.roleText === role)
              .map((g) => (
                <Flex
                  key={g.key}
                  as="button"
                  w="100%"
                  gap="2"
                  align="center"
                  textAlign="left"
                  py="0.5"
                  borderRadius="sm"
                  _hover={{ bg: 'seaWash' }}
                  onClick={() => onPick(g.key)}
                >
                  <Box
                    w="16px"
                    h="16px"
                    borderRadius="full"
                    bg={g.colour}
                    borderWidth="1px"
                    borderColor="fold"
                    flexShrink={0}
                  />
                  {g.name}
                </Flex>
              ))}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function NewPot({
  generic,
  pot,
  onPot,
  back,
}: {
  generic: string;
  pot: Pot;
  onPot: (pot: Pot) => void;
  back: () => void;
}) {
  const go = useNavigate();
  const changed = useShelfChanged();
  const [medium, setMedium] = useState<MediumGiven>({
    name: '',
    generic,
    label: { numbers: {}, choices: {} },
    packs: [],
  });
  const set = (change: Partial<Pot>) => onPot({ ...pot, ...change });
  const reading = useMediumReading({ ...medium, name: medium.name.trim() || 'new pot' });
  const known = useLastKnown(reading.data);
  const save = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/media', {
          body: {
            medium,
            holds: pot.holds,
            level: pot.level,
            stock: {
              place: pot.place,
              price: pot.price || undefined,
              tareG: pot.tare || undefined,
            },
          },
        }),
      ),
    onSuccess: (saved) => {
      changed();
      go(`/shelf/pots/${saved.pots[0]?.id ?? ''}`);
    },
  });
  const unit = reading.data?.unit === 'G' ? 'g' : 'ml';
  return (
    <Box
      as="form"
      px="8"
      py="5"
      maxW="980px"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        save.mutate();
      }}
    >
      <Text fontSize="13px" color="soft">
        <Link to="/shelf">Shelf</Link> · {reading.data?.genericText}
      </Text>
      <Heading as="h1" fontFamily="heading" fontSize="26px" fontWeight="600">
        From its label
      </Heading>
      <Text color="soft" mb="3">
        {reading.data?.typicalText} Dashed fields are typical; the label wins.
      </Text>
      <Flex gap="3" mb="4" maxW="860px" wrap="wrap">
        <PlainField
          label="Name"
          value={medium.name}
          onText={(name) => setMedium({ ...medium, name })}
          maxLength={80}
          autoFocus
          width="250px"
        />
        <PlainField
          label={`Container holds, ${unit}`}
          value={pot.holds}
          onText={(holds) => set({ holds })}
          width="142px"
          inputMode="decimal"
        />
        <PlainField
          label={`In it now, ${unit}`}
          value={pot.level}
          onText={(level) => set({ level })}
          width="120px"
          inputMode="decimal"
          placeholder="full"
        />
        <PlainField
          label="Empty, g"
          value={pot.tare}
          onText={(tare) => set({ tare })}
          width="84px"
        />
        <PlainField
          label="Paid, EUR"
          value={pot.price}
          onText={(price) => set({ price })}
          width="84px"
        />
        <PlainField
          label="Place"
          value={pot.place}
          onText={(place) => set({ place })}
          width="140px"
          maxLength={80}
        />
      </Flex>
      {reading.isError && <Refusal of={reading.error} />}
      <Section title="What the label says">
        <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(180px, 1fr))" gap="3">
          <LabelFields medium={medium} onMedium={setMedium} fields={known?.fields ?? []} />
        </Box>
      </Section>
      <Flex gap="2" mt="4">
        <Button look="sea" type="submit" disabled={pot.holds.trim() === '' || save.isPending}>
          Put it on the shelf
        </Button>
        <Button onClick={back}>Another kind</Button>
      </Flex>
      <Refusal of={save.error} />
    </Box>
  );
}

/** The questions of a label, answered one by one. */
export function LabelFields({
  medium,
  onMedium,
  fields,
}: {
  medium: MediumGiven;
  onMedium: (medium: MediumGiven) => void;
  fields: Parameters<typeof MeasureFields>[0]['fields'];
}) {
  return (
    <>
      {fields.map((f) => (
        <MeasureFields
          key={f.key}
          fields={[f]}
          tellTypical="typical"
          onNumber={(key, value) =>
            onMedium({
              ...medium,
              label: { ...medium.label, numbers: { ...medium.label.numbers, [key]: value } },
            })
          }
          onChoice={(key, value) =>
            onMedium({
              ...medium,
              label: { ...medium.label, choices: { ...medium.label.choices, [key]: value } },
            })
          }
        />
      ))}
    </>
  );
}
